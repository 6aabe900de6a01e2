import { refusalWords } from '@/words/refusals';
import type { ActOf, Entry } from '@/core/journal/entry';
import type { Portion } from '@/core/matter/portion';
import { volumeTyped } from '@/core/measures/portion-measure';
import { parseMeasure } from '@/core/measures/parse-measure';
import { readRows, rowOf, type PortionRow } from '../forms/portion-form';
import type { FormReading } from '../forms/read-form';
import { readMeasured } from './measure-form';
import { ownUnit, readingShown } from '@/core/measures/unit-system';
import { quantityWords } from '@/words/names';

/** What can be corrected of an entry, as typed. */
export interface AmendValues {
  portions: PortionRow[];
  /** One amount a target of a transfer. */
  targets: { amount: string }[];
  value: string;
  note: string;
}

export function amendDefaults(entry: Entry): AmendValues {
  return {
    portions: 'portions' in entry ? entry.portions.map((portion) => rowOf(portion as Portion)) : [],
    targets:
      entry.kind === 'transferred'
        ? entry.targets.map(({ ml, grams }) => ({
            amount:
              grams !== undefined ? `${grams} g` : ml !== undefined ? `${Math.round(ml * 10) / 10} ml` : '',
          }))
        : [],
    value:
      entry.kind === 'measured'
        ? String(readingShown(entry.value, quantityWords[entry.quantity].unit))
        : entry.kind === 'temperature-set'
          ? String(readingShown(entry.celsius, '°C'))
          : '',
    note: entry.kind === 'noted' ? entry.text : (entry.note ?? ''),
  };
}

/** The fields of an entry that are to stand instead of its own. */
export type Patch = ActOf<'amended'>['patch'];

/** The fields that changed: only they go into the correction. */
export function readAmend(values: AmendValues, entry: Entry): FormReading<Patch> {
  const patch: Patch = {};
  if ('portions' in entry) {
    const { portions, faults } = readRows(values.portions);
    if (Object.keys(faults).length > 0) return { ok: false, faults };
    if (JSON.stringify(portions.map(amounts)) !== JSON.stringify(entry.portions.map(amounts)))
      patch.portions = portions.map(plain);
  }
  if (entry.kind === 'transferred') {
    const targets = entry.targets.map((target) => ({ ...target }));
    for (const [index, { amount }] of values.targets.entries()) {
      const target = targets[index]!;
      if (amount.trim() === '') continue;
      const solid = entry.taken === 'solids';
      const read = solid ? parseMeasure(amount, ownUnit('g')) : volumeTyped(amount, 'ml');
      if (!read.ok) return { ok: false, faults: { [`targets.${index}.amount`]: refusalWords(read) } };
      if (solid) target.grams = (read.value as { grams?: number }).grams;
      else target.ml = read.value as number;
    }
    if (JSON.stringify(targets) !== JSON.stringify(entry.targets)) patch.targets = targets;
  }
  if (entry.kind === 'measured') {
    const read = readMeasured(entry.quantity, values.value);
    if (!read.ok) return { ok: false, faults: { value: refusalWords(read) } };
    if (read.value !== entry.value) patch.value = read.value;
  }
  const note = values.note.trim().slice(0, 2000);
  const before = entry.kind === 'noted' ? entry.text : (entry.note ?? '');
  if (note !== before) patch[entry.kind === 'noted' ? 'text' : 'note'] = note;
  return { ok: true, value: patch };
}

/** A portion as JSON has it: without what is left open. */
const plain = (portion: Portion) => {
  const { what, ...rest } = portion;
  const said = Object.entries(rest).filter(
    (pair): pair is [string, string | number | boolean] => pair[1] !== undefined,
  );
  return { what, ...Object.fromEntries(said) };
};

const amounts = ({
  what,
  grams,
  ml,
}: {
  what: string;
  grams?: number | undefined;
  ml?: number | undefined;
}) => [what, grams, ml];
