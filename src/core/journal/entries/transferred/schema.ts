import { z } from 'zod';
import { NewLotRecord } from '../../../lots/records/new-lot';
import {
  celsius,
  ending,
  exampleStamp,
  exampleSubject,
  grams,
  millilitres,
  portions,
  stamp,
  subject,
} from '../base';
import { t } from '../../../language/t';

/** Where a part of a lot goes: into a lot that is there, a new one, or away (neither is named). */
const Target = z
  .strictObject({
    lotId: subject.optional(),
    begin: NewLotRecord.optional(),
    ml: millilitres.optional(),
    grams: grams.optional(),
    portions: portions.optional(),
    gone: ending.optional(),
  })
  .superRefine((target, context) => {
    const fault = (message: string) => context.addIssue({ code: 'custom', path: ['ml'], message });
    if (target.lotId && target.begin) fault(t`Either into a vessel that is there, or into a new one.`);
    if (target.ml !== undefined && !(target.ml > 0)) fault(t`At least a drop.`);
    const { begin, ml } = target;
    if (begin?.closure === 'sealed' && ml !== undefined && ml > begin.vessel.ml * 0.995)
      fault(t`Leave at least half a percent empty: a brim-full bottle has no give when it warms.`);
    if (begin && ml !== undefined && ml > begin.vessel.ml) fault(t`More than the vessel holds.`);
  });

/** Liquid, grains, fruit or sediment went from one lot to others: a draw, a pitch, straining, bottling, a split. */
export const Transferred = z
  .strictObject({
    ...stamp,
    kind: z.literal('transferred'),
    from: subject,
    taken: z.enum(['liquid', 'everything', 'solids', 'sediment']),
    solid: z.string().max(40).optional(),
    strained: z.enum(['no', 'coarse', 'fine', 'cloth']).optional(),
    celsius: celsius.optional(),
    targets: z.array(Target).min(1).max(60),
  })
  .refine(
    ({ from, targets }) => targets.every(({ lotId }) => lotId !== from),
    t`Into another vessel than its own.`,
  );
export type Transferred = z.infer<typeof Transferred>;

export const example: Transferred = {
  ...exampleStamp,
  kind: 'transferred',
  from: exampleSubject,
  taken: 'liquid',
  targets: [
    {
      begin: {
        role: 'bottle',
        name: '1',
        vessel: { kind: 'swing-top', ml: 500 },
        closure: 'sealed',
        place: 'counter',
      },
      ml: 480,
      portions: [{ what: 'white-sugar', grams: 2 }],
    },
  ],
};
