import { z } from 'zod';
import { NewLotRecord } from '../../../lots/records/new-lot';
import { levelMl } from '../../../matter/contents';
import { contentsOf, leastBegunMl, leastPacketMl } from '../../../lots/begin';
import { celsius, exampleStamp, portions, stamp } from '../base';
import { t } from '../../../language/t';

/** A jar, a brew or a bottle was begun; the entry's id is the lot's. */
export const LotBegun = NewLotRecord.extend({
  ...stamp,
  kind: z.literal('lot-begun'),
  portions: portions.min(1, t`Put something in.`),
  celsius: celsius.optional(),
}).superRefine((entry, context) => {
  const level = levelMl(contentsOf(entry.portions));
  const fault = (message: string) => context.addIssue({ code: 'custom', path: ['portions'], message });
  if (level > entry.vessel.ml)
    fault(
      t`That makes ${Math.round(level)} ml; a ${Math.round(entry.vessel.ml)} ml vessel does not hold it.`,
    );
  if (level < (entry.vessel.kind === 'packet' ? leastPacketMl : leastBegunMl))
    fault(t`That is hardly anything: at least ${leastBegunMl} ml.`);
});
export type LotBegun = z.infer<typeof LotBegun>;

export const example: LotBegun = {
  ...exampleStamp,
  kind: 'lot-begun',
  role: 'starter',
  name: 'Nib',
  vessel: { kind: 'jar', ml: 700 },
  closure: 'cloth',
  place: 'counter',
  culture: 'ginger-bug',
  portions: [
    { what: 'water', ml: 400, typed: '4 dl' },
    { what: 'ginger', grams: 20, form: 'grated' },
    { what: 'white-sugar', grams: 20 },
  ],
};
