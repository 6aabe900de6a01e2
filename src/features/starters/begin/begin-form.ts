import { refusalWords } from '@/words/refusals';
import type { Culture, JarCare } from '@/core/cultures/culture';
import type { WayToBegin } from '@/core/cultures/guides/guide';
import { waysToBegin } from '@/core/cultures/guides/registry';
import { contentsOf } from '@/core/lots/begin';
import { levelMl } from '@/core/matter/contents';
import type { Portion } from '@/core/matter/portion';
import { volumeTyped } from '@/core/measures/portion-measure';
import { beginAmounts } from '@/core/starter/begin-amounts';

import { amountOf } from '@/words/amounts';
import { nameFault } from '../../forms/name-fault';
import { readRows, type PortionRow } from '../../forms/portion-form';
import type { FormReading } from '../../forms/read-form';
import { fullestShare } from '@/core/vessels/vessel';
import { t } from '@/core/language/t';

export interface BeginValues {
  /** Id of the way it is begun. */
  readonly way: string;
  readonly name: string;
  readonly jar: string;
  /** Percent of sweetener that was meant; empty when nothing was. */
  readonly meant?: string;
  /** Where whey or grains come from, in the maker's words. */
  readonly from?: string;
  readonly portions: PortionRow[];
}

export interface BeginOutput {
  readonly name: string;
  readonly jarMl: number;
  readonly portions: Portion[];
}

export interface Chosen {
  readonly way: WayToBegin;
  readonly culture: Culture;
  /** The kind's rules, for what is kept in a jar. */
  readonly keeping: JarCare | null;
}

/** The way of that id, with its kind; the first one for an id that is none. */
export function chosenWay(id: string): Chosen {
  const { way, culture } = waysToBegin.find((each) => each.way.id === id) ?? waysToBegin[0]!;
  return { way, culture, keeping: way.makes === 'jar' ? culture.keeping : null };
}

/** What ways are offered under, each once. */
export const wayGroups: readonly string[] = [...new Set(waysToBegin.map(({ way }) => way.group))];

export const waysOf = (group: string): readonly WayToBegin[] =>
  waysToBegin.map(({ way }) => way).filter((way) => way.group === group);

/** A jar that is usual for a way. */
export const usualJar = ({ makes }: WayToBegin): string => (makes === 'brew' ? '2 L' : '700 ml');

/** The rows of a way, with amounts for the jar; for the usual jar when it cannot be read. */
export function beginRows(id: string, jar: string): PortionRow[] {
  const { way } = chosenWay(id);
  const typed = volumeTyped(jar, 'ml');
  const jarMl = typed.ok && typed.value >= 100 && typed.value <= 20_000 ? typed.value : 700;
  return beginAmounts(way, jarMl).map((portion) => ({ what: portion.what, amount: amountOf(portion) }));
}

/** Reads the form: a name, a jar, and what goes in; refused when the jar would foam over or holds nothing wet. */
export function readBegin(values: BeginValues): FormReading<BeginOutput> {
  const packet = chosenWay(values.way).way.makes === 'packet';
  const faults: Record<string, string> = {};
  const unnamed = nameFault(values.name);
  if (unnamed) faults.name = unnamed;
  const jar = volumeTyped(packet ? '100 ml' : values.jar, 'ml');
  if (!jar.ok) faults.jar = refusalWords(jar);
  else if (jar.value < 100 || jar.value > 20_000) faults.jar = t`Between 100 ml and 20 L.`;
  const { portions, faults: rowFaults } = readRows(values.portions);
  Object.assign(faults, rowFaults);
  if (Object.keys(rowFaults).length === 0 && jar.ok) {
    const empty = values.portions.findIndex(({ amount }) => amount.trim() === '');
    if (empty >= 0 && portions.length < 2)
      faults[`portions.${empty}.amount`] = t`Write an amount, such as 30 g or 1 1/2 tbsp.`;
    const level = levelMl(contentsOf(portions));
    const most = jar.value * fullestShare;
    if (level > most)
      faults.root = packet
        ? t`That is more than a packet holds.`
        : t`That makes ${Math.round(level)} ml; this jar foams over above ${Math.round(most)} ml.`;
    else if (level < (packet ? 0.2 : 20))
      faults.root = packet ? t`Write what is in the packet.` : t`That is hardly anything: at least 20 ml.`;
  }
  if (Object.keys(faults).length > 0 || !jar.ok) return { ok: false, faults };
  return { ok: true, value: { name: values.name.trim(), jarMl: jar.value, portions } };
}

/** What is offered first to add to a jar. */
export const usualIngredients = [
  'water',
  'white-sugar',
  'cane-sugar',
  'honey',
  'molasses',
  'baking-soda',
  'ginger',
  'elderflower',
  'raisin',
  'black-tea',
];
