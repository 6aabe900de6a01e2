import { refusalWords } from '@/words/refusals';
import { leastHeadspaceShare, whyHeadspace } from '@/core/gas/headspace';
import type { ActOf } from '@/core/journal/entry';

import type { Lot, Taken } from '@/core/lots/lot';
import { drainableMl } from '@/core/lots/transfer';
import { pitchCheck } from '@/core/brew/pitch-check';
import { usualHeadspaceMl } from '@/core/bottling/fill-plan';
import { leastDrawMl, planDraw } from '@/core/starter/draw-plan';
import { levelMl, liquidMl, solidGrams } from '@/core/matter/contents';
import { degreesTyped, parseMeasure, parseNumber } from '@/core/measures/parse-measure';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import type { Portion } from '@/core/matter/portion';
import { holdsFizz, type Closure, type VesselId } from '@/core/vessels/vessel-kinds';
import { drawnTyped } from '../forms/drawn-typed';
import { nameFault } from '../forms/name-fault';
import { faultAt, reads, type FormReading } from '../forms/read-form';
import { type NewLot } from '@/core/lots/records/new-lot';
import { t } from '@/core/language/t';
import { ownUnit } from '@/core/measures/unit-system';

export type Where = 'bottles' | 'lot' | 'jar' | 'drunk' | 'away';

/** What the pour sheet asks, as typed. */
export interface PourValues {
  readonly taken: Taken;
  readonly where: Where;
  readonly amount: string;
  /** Bottles. */
  readonly vessel: VesselId;
  readonly count: string;
  readonly size: string;
  readonly headspace: string;
  readonly dose: string;
  readonly doseOf: string;
  /** A lot that is there. */
  readonly lotId: string;
  readonly celsius: string;
  /** A new jar. */
  readonly name: string;
  readonly jar: string;
  readonly role: 'brew' | 'starter';
}

export type Poured = Pick<ActOf<'transferred'>, 'from' | 'taken' | 'targets'> & {
  celsius?: number;
  solid?: string;
};

/** Millilitres that can leave as what is taken. */
export const availableMl = (lot: Lot, taken: Taken): number =>
  taken === 'everything'
    ? levelMl(lot.contents)
    : taken === 'liquid'
      ? drainableMl(lot.contents)
      : liquidMl(lot.contents);

const kept = (value: number) => Math.round(value * 10) / 10;

/** Reads the pour sheet: the transfer, or what is wrong at which field. */
export function readPour(values: PourValues, lot: Lot, numbersTaken: number): FormReading<Poured> {
  const amount = values.where === 'bottles' ? reads(null) : readAmount(values, lot);
  if (!amount.ok) return amount;
  const base = { from: lot.id, taken: values.taken } as const;
  switch (values.where) {
    case 'bottles':
      return readBottles(values, lot, numbersTaken);
    case 'drunk':
      return reads({ ...base, targets: [{ ...amount.value!, gone: 'drunk' }] });
    case 'away':
      return reads({ ...base, targets: [amount.value!] });
    case 'lot':
      return readInto(values, lot, amount.value!);
    case 'jar': {
      const jar = volumeTyped(values.jar, 'ml');
      if (!jar.ok) return faultAt('jar', refusalWords(jar));
      if (jar.value < 100 || jar.value > 50_000) return faultAt('jar', t`Between 100 ml and 50 L.`);
      const unnamed = nameFault(values.name);
      if (unnamed) return faultAt('name', unnamed);
      const begin: NewLot = {
        role: values.role,
        name: values.name.trim(),
        vessel: { kind: 'jar', ml: jar.value },
        closure: values.role === 'starter' ? 'cloth' : 'airlock',
        place: lot.place,
        culture: values.role === 'starter' ? lot.culture : null,
        recipe:
          values.role === 'brew' && lot.recipe
            ? { base: lot.recipe.base, wantedVolumes: lot.recipe.wantedVolumes }
            : null,
      };
      if ((amount.value!.ml ?? 0) > jar.value) return faultAt('jar', t`The new jar does not hold that much.`);
      return reads({ ...base, targets: [{ ...amount.value!, begin }] });
    }
  }
}

/** How much is taken: ml of liquid, or grams of solids; empty for all of it. */
function readAmount(values: PourValues, lot: Lot): FormReading<{ ml?: number; grams?: number } | null> {
  if (values.taken === 'solids') {
    const there = solidGrams(lot.contents);
    if (values.amount.trim() === '')
      return there > 0.5 ? reads({}) : faultAt('amount', t`There are no solids in it.`);
    const measure = parseMeasure(values.amount, ownUnit('g'));
    if (!measure.ok) return faultAt('amount', refusalWords(measure));
    if (measure.value.grams === undefined) return faultAt('amount', t`Solids are weighed: write grams.`);
    return measure.value.grams > there + 1
      ? faultAt('amount', t`There are about ${Math.round(there)} g of solids in it.`)
      : reads({ grams: kept(measure.value.grams) });
  }
  const most = availableMl(lot, values.taken);
  if (values.amount.trim() === '')
    return most > 1 ? reads({ ml: kept(most) }) : faultAt('amount', t`${lot.name} is empty.`);
  const ml = drawnTyped(values.amount, lot);
  if (!ml.ok) return faultAt('amount', refusalWords(ml));
  if (!(ml.value > 0)) return faultAt('amount', t`Write how much.`);
  return ml.value > most + 1
    ? faultAt('amount', t`There are ${Math.round(most)} ml in ${lot.name}.`)
    : reads({ ml: ml.value });
}

function readInto(
  values: PourValues,
  lot: Lot,
  amount: { ml?: number; grams?: number },
): FormReading<Poured> {
  if (!values.lotId) return faultAt('lotId', t`Choose where it goes.`);
  if (values.lotId === lot.id) return faultAt('lotId', t`Into another vessel than its own.`);
  if (lot.role === 'starter' && amount.ml !== undefined && values.taken === 'liquid') {
    const plan = planDraw(lot, amount.ml);
    if (!plan.ok) return faultAt('amount', refusalWords(plan));
  }
  if (lot.role !== 'starter' && amount.ml !== undefined && amount.ml < leastDrawMl)
    return faultAt('amount', t`At least ${leastDrawMl} ml.`);
  const target = { lotId: values.lotId, ...amount };
  if (values.celsius.trim() === '') return reads({ from: lot.id, taken: values.taken, targets: [target] });
  const celsius = degreesTyped(values.celsius);
  if (!Number.isFinite(celsius) || celsius < 0 || celsius > 100)
    return faultAt('celsius', t`Write the temperature in °C.`);
  const check = pitchCheck(celsius);
  return check.ok
    ? reads({ from: lot.id, taken: values.taken, celsius, targets: [target] })
    : faultAt('celsius', refusalWords(check));
}

/** Sizes of the bottles being filled, when they can be read. */
export function readBottleSizes(
  values: PourValues,
): FormReading<{ count: number; size: number; headspace: number }> {
  const count = parseNumber(values.count);
  if (!Number.isInteger(count) || count < 1 || count > 60)
    return faultAt('count', t`A whole number of bottles, 1 to 60.`);
  const size = volumeTyped(values.size, 'ml');
  if (!size.ok) return faultAt('size', refusalWords(size));
  if (size.value < 50 || size.value > 5000) return faultAt('size', t`Between 50 ml and 5 L a bottle.`);
  const headspace =
    values.headspace.trim() === ''
      ? { ok: true as const, value: usualHeadspaceMl(size.value) }
      : volumeTyped(values.headspace, 'ml');
  if (!headspace.ok) return faultAt('headspace', refusalWords(headspace));
  if (headspace.value > size.value * 0.4)
    return faultAt('headspace', t`More than two fifths empty: check the headspace.`);
  if (headspace.value < size.value * leastHeadspaceShare)
    return faultAt('headspace', t`Leave at least 2 %: ${whyHeadspace}.`);
  return reads({ count, size: size.value, headspace: headspace.value });
}

function readBottles(values: PourValues, lot: Lot, numbersTaken: number): FormReading<Poured> {
  const sizes = readBottleSizes(values);
  if (!sizes.ok) return sizes;
  const { count, size, headspace } = sizes.value;
  const portions: Portion[] = [];
  if (values.dose.trim() !== '' && !/^0+\D*$/.test(values.dose.trim())) {
    const dose = portionTyped(values.doseOf, values.dose);
    if (!dose.ok) return faultAt('dose', refusalWords(dose));
    if ((dose.value.grams ?? dose.value.ml ?? 0) > size * 0.4)
      return faultAt('dose', t`That is much for one bottle: check the unit.`);
    portions.push(dose.value);
  }
  const room = portions.reduce((sum, portion) => sum + (portion.ml ?? (portion.grams ?? 0) * 0.62), 0);
  const each = kept(size - headspace - room);
  const there = availableMl(lot, values.taken);
  if (each * count > there * 1.02 + 1)
    return faultAt('count', t`There is liquid for ${Math.floor(there / each + 1e-6)} of these.`);
  const closure: Closure = holdsFizz(values.vessel) ? 'sealed' : 'loose-lid';
  const targets = Array.from({ length: count }, (_, i) => ({
    begin: {
      role: 'bottle' as const,
      name: String(numbersTaken + i + 1),
      vessel: { kind: values.vessel, ml: size },
      closure,
      place: 'counter' as const,
    },
    ml: Math.min(each, there / count),
    ...(portions.length > 0 ? { portions } : {}),
  }));
  return reads({ from: lot.id, taken: values.taken, targets });
}
