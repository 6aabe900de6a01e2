import type { Culture, Keeping } from '@/core/cultures/culture';
import { firstKind, keptKinds } from '@/core/cultures/registry';
import { contentsOf } from '@/core/lots/begin';
import { levelMl } from '@/core/matter/contents';
import type { Portion } from '@/core/matter/portion';
import { volumeTyped } from '@/core/measures/portion-measure';
import { fullestShare } from '@/core/vessels/vessel-kinds';
import { nameFault } from '../forms/name-fault';
import { readRows, type PortionRow } from '../forms/portion-form';
import type { FormReading } from '../forms/read-form';

export interface StarterValues {
  readonly kind: string;
  readonly name: string;
  readonly jar: string;
  /** Percent of sweetener that was meant; empty when nothing was. */
  readonly meant?: string;
  readonly portions: PortionRow[];
}

export interface StarterOutput {
  readonly name: string;
  readonly jarMl: number;
  readonly portions: Portion[];
}

/** The kind of that id, one that is kept in a jar. */
export const kindOf = (id: string): Culture & { readonly keeping: Keeping } =>
  keptKinds.find((kind) => kind.id === id) ?? firstKind;

/** The rows a kind is begun with. */
export function starterRows(id: string): PortionRow[] {
  const { body, bodyShare, sugarShare } = kindOf(id).keeping.begin;
  return [
    { what: 'water', amount: '4 dl' },
    ...(bodyShare[1] > 0 || sugarShare[1] === 0 ? [{ what: body, amount: '' }] : []),
    ...(sugarShare[1] > 0 ? [{ what: 'white-sugar', amount: '' }] : []),
  ];
}

/** Reads the form: a name, a jar, and what goes in; refused when the jar would foam over or holds nothing wet. */
export function readStarter(values: StarterValues): FormReading<StarterOutput> {
  const faults: Record<string, string> = {};
  const unnamed = nameFault(values.name);
  if (unnamed) faults.name = unnamed;
  const jar = volumeTyped(values.jar, 'ml');
  if (!jar.ok) faults.jar = jar.sentence;
  else if (jar.value < 100 || jar.value > 20_000) faults.jar = 'Between 100 ml and 20 L.';
  const { portions, faults: rowFaults } = readRows(values.portions);
  Object.assign(faults, rowFaults);
  if (Object.keys(rowFaults).length === 0 && jar.ok) {
    const empty = values.portions.findIndex(({ amount }) => amount.trim() === '');
    if (empty >= 0 && portions.length < 2)
      faults[`portions.${empty}.amount`] = 'Write an amount, such as 30 g or 1 1/2 tbsp.';
    const level = levelMl(contentsOf(portions));
    const most = jar.value * fullestShare;
    if (level > most)
      faults.root = `That makes ${Math.round(level)} ml; this jar foams over above ${Math.round(most)} ml.`;
    else if (level < 20) faults.root = 'That is hardly anything: at least 20 ml.';
  }
  if (Object.keys(faults).length > 0 || !jar.ok) return { ok: false, faults };
  return { ok: true, value: { name: values.name.trim(), jarMl: jar.value, portions } };
}
