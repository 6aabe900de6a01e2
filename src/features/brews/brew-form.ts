import { planBrew, suggestedDose, type BrewPlan, type Life } from '@/core/brew/brew-plan';
import { usualHeadspaceMl } from '@/core/bottling/fill-plan';
import { cultureOfIngredient } from '@/core/cultures/registry';
import { baseKinds, type BaseKind } from '@/core/ferment/scenario-kinds';
import type { Lot } from '@/core/lots/lot';
import { isIngredient } from '@/core/matter/ingredients/registry';
import { parseNumber } from '@/core/measures/parse-measure';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import { sensibleMillilitres } from '@/core/measures/sensible';
import { grams, millilitres } from '@/words/amounts';
import { gramsTyped, isPacket } from '../forms/packet-dose';
import { nameFault } from '../forms/name-fault';
import { readRows, type PortionRow } from '../forms/portion-form';
import type { FormReading } from '../forms/read-form';

export interface BrewValues {
  readonly name: string;
  readonly base: BaseKind;
  readonly by: 'litres' | 'bottles' | 'water';
  readonly volume: string;
  readonly count: string;
  readonly size: string;
  readonly portions: PortionRow[];
  /** A lot's id, `portion` for a packet among the ingredients, `bare` for what lives on the base. */
  readonly life: string;
  readonly dose: string;
  readonly volumes: string;
}

export interface BrewOutput {
  readonly name: string;
  readonly base: BaseKind;
  readonly plan: BrewPlan;
  readonly life: Life;
  readonly wantedVolumes: number;
}

/** Volume asked for, or the water at hand, ml; the field at fault and why when it cannot be read. */
export function wantedMl(
  values: Pick<BrewValues, 'by' | 'volume' | 'count' | 'size'>,
): { readonly ml: number } | { readonly path: string; readonly message: string } {
  if (values.by === 'bottles') {
    const count = parseNumber(values.count);
    if (!Number.isInteger(count) || count < 1 || count > 60)
      return { path: 'count', message: 'A whole number of bottles, 1 to 60.' };
    const size = volumeTyped(values.size, 'ml');
    if (!size.ok) return { path: 'size', message: size.sentence };
    if (size.value < 50 || size.value > 5000)
      return { path: 'size', message: 'Between 50 ml and 5 L a bottle.' };
    return { ml: count * (size.value - usualHeadspaceMl(size.value)) };
  }
  const volume = volumeTyped(values.volume, 'l');
  if (!volume.ok) return { path: 'volume', message: volume.sentence };
  return volume.value >= 100 && volume.value <= 50_000
    ? { ml: volume.value }
    : { path: 'volume', message: 'Between 100 ml and 50 L.' };
}

/** Works a brew out from what is typed, or says at which field it fails and why. */
export function planTyped(
  values: BrewValues,
  lots: readonly Lot[],
): FormReading<{ plan: BrewPlan; life: Life }> {
  const wanted = wantedMl(values);
  if ('message' in wanted) return { ok: false, faults: { [wanted.path]: wanted.message } };
  const { portions, faults } = readRows(values.portions);
  if (Object.keys(faults).length > 0) return { ok: false, faults };
  const life = readLife(
    values,
    lots,
    portions.some(({ what }) => cultureOfIngredient(what) !== null),
  );
  if (!life.ok) return life;
  const plan = planBrew({
    ml: wanted.ml,
    by: values.by === 'water' ? 'water' : 'volume',
    portions,
    life: life.value,
  });
  if (plan.ok) return { ok: true, value: { plan: plan.value, life: life.value } };
  return { ok: false, faults: { [plan.code.startsWith('draw') ? 'dose' : 'root']: plan.sentence } };
}

function readLife(values: BrewValues, lots: readonly Lot[], packet: boolean): FormReading<Life> {
  if (values.life === 'bare') return { ok: true, value: { kind: 'bare' } };
  if (values.life === 'portion')
    return packet
      ? { ok: true, value: { kind: 'portion' } }
      : { ok: false, faults: { root: 'Add the yeast, grains or whey to the list, with its amount.' } };
  const lot = lots.find(({ id }) => id === values.life);
  if (!lot) return { ok: false, faults: { dose: 'Choose what brings it to life.' } };
  if (isPacket(lot)) return readGrams(values.dose, lot);
  const dose = volumeTyped(values.dose, 'ml');
  return dose.ok
    ? { ok: true, value: { kind: 'lot', lot, ml: dose.value } }
    : { ok: false, faults: { dose: dose.sentence } };
}

function readGrams(dose: string, lot: Lot): FormReading<Life> {
  const grams = gramsTyped(dose, lot);
  return grams.ok
    ? { ok: true, value: { kind: 'packet', lot, grams: grams.value } }
    : { ok: false, faults: { dose: grams.sentence } };
}

export function readBrew(values: BrewValues, lots: readonly Lot[]): FormReading<BrewOutput> {
  const planned = planTyped(values, lots);
  const faults: Record<string, string> = planned.ok ? {} : { ...planned.faults };
  const unnamed = nameFault(values.name);
  if (unnamed) faults.name = unnamed;
  const volumes = parseNumber(values.volumes);
  if (!(volumes >= 0.5 && volumes <= 5)) faults.volumes = 'Between 0.5 and 5 volumes.';
  if (!baseKinds.includes(values.base)) faults.root = 'Choose a base.';
  if (!planned.ok || Object.keys(faults).length > 0) return { ok: false, faults };
  return {
    ok: true,
    value: { name: values.name.trim(), base: values.base, wantedVolumes: volumes, ...planned.value },
  };
}

/** The usual dose for what is typed, as it would be written. */
export function doseFor(
  values: Pick<BrewValues, 'by' | 'volume' | 'count' | 'size'>,
  lot: Lot | undefined,
  celsius?: number,
): string {
  const wanted = wantedMl(values);
  if (!lot || 'message' in wanted) return '';
  const dose = suggestedDose(lot, wanted.ml, celsius);
  return isPacket(lot) ? grams(Number(dose.toFixed(1))) : millilitres(sensibleMillilitres(dose));
}

/** Rows with something sent along: its own row filled, or one more. What is no ingredient of the table is left out; so is water, which is reckoned. */
export function withAdded(rows: readonly PortionRow[], add: string | undefined): PortionRow[] {
  const [what = '', amount = ''] = (add ?? '').split('~');
  if (!isIngredient(what) || what === 'water' || !portionTyped(what, amount).ok) return [...rows];
  return rows.some((row) => row.what === what)
    ? rows.map((row) => (row.what === what ? { ...row, amount } : row))
    : [...rows, { what, amount }];
}
