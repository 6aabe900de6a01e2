import { z } from 'zod';
import type { BatchState } from '@/core/brew/batch-state';
import { fillPlan, usualHeadspaceMl } from '@/core/brew/fill-plan';
import { holdsFizz, vesselKinds, type VesselId } from '@/core/gas/vessels';
import { parseMeasure } from '@/core/measures/parse-measure';
import { millilitresOf } from '@/core/measures/spooned-mass';
import { potentialVolumes } from '@/core/gas/potential';
import { numberField, volumeField } from '../forms/measure-field';

const vesselIds = vesselKinds.map(({ id }) => id) as [VesselId, ...VesselId[]];

/** Validates a bottling against the batch: enough liquid, headspace inside the bottle, a bottle that holds fizz. */
export const bottlingForm = (batch: BatchState) =>
  z
    .object({
      vessel: z.enum(vesselIds),
      count: numberField(1, 60, 'bottles'),
      size: volumeField(50, 5000),
      headspace: volumeField(0, 2000),
      priming: numberField(0, 60, 'g/L'),
    })
    .transform((value, context) => {
      const fault = (path: string, message: string) => {
        context.addIssue({ code: 'custom', path: [path], message });
        return z.NEVER;
      };
      if (!Number.isInteger(value.count)) return fault('count', 'A whole number of bottles.');
      if (value.headspace > value.size * 0.4)
        return fault('headspace', 'More than two fifths empty: check the headspace.');
      if (value.headspace < value.size * 0.01)
        return fault('headspace', 'Leave at least 1 %: a brim-full bottle has no give when it warms.');
      const needed = value.count * (value.size - value.headspace);
      if (needed > batch.account.batchMl * 1.02) {
        const { bottles } = fillPlan(batch.account.batchMl, value.size, value.headspace);
        return fault('count', `There is liquid for ${bottles} of these.`);
      }
      return {
        vessel: value.vessel,
        count: value.count,
        bottleMl: value.size,
        headspaceMl: value.headspace,
        primingGramsPerLitre: value.priming,
      };
    });

export type BottlingInput = z.input<ReturnType<typeof bottlingForm>>;
export type BottlingOutput = z.output<ReturnType<typeof bottlingForm>>;

export function bottlingDefaults(batch: BatchState): BottlingInput {
  const headspace = usualHeadspaceMl(500);
  const { bottles } = fillPlan(batch.account.batchMl, 500, headspace);
  return {
    vessel: 'swing-top',
    count: String(Math.max(1, bottles)),
    size: '500 ml',
    headspace: `${headspace} ml`,
    priming: '0',
  };
}

/** How far the batch goes, and what all its sugar could do. */
export function fillLine(typed: BottlingInput, batch: BatchState): string {
  const size = parseMeasure(typed.size, 'ml');
  const headspace = parseMeasure(typed.headspace, 'ml');
  if (!size.ok || !headspace.ok) return '';
  const bottleMl = millilitresOf(size.value);
  const headspaceMl = millilitresOf(headspace.value);
  if (bottleMl <= headspaceMl) return '';
  const plan = fillPlan(batch.account.batchMl, bottleMl, headspaceMl);
  const left = Math.round(plan.leftMl);
  const potential = Math.round(
    potentialVolumes(batch.account.totalGramsPerLitre + (Number(typed.priming) || 0), 0),
  );
  const fits = `${(batch.account.batchMl / 1000).toFixed(2)} L fills ${plan.bottles} of these${left > 20 ? `, ${left} ml over to drink now` : ''}.`;
  const warn = holdsFizz(typed.vessel)
    ? ` All its sugar could make ${potential} volumes: only time, cold or dryness stops a bottle.`
    : '';
  return fits + warn;
}
