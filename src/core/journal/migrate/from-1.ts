import { millilitresPerGram } from '../../matter/substances';
import type { Entry } from '../entry';
import type { EntryV1 } from './version-1';

type V1<K extends EntryV1['kind']> = Extract<EntryV1, { kind: K }>;

/** Stands for a starter that a pitching spoke of through a batch nobody has: it draws from nothing. */
export const unknownStarter = '00000000000000000';

/** Room that the first version gave to ginger and sugar in a new jar, ml/g: its jars were checked against it. */
const room = (e: { waterMl: number; gingerGrams: number; sugarGrams: number }) =>
  e.waterMl + e.gingerGrams + e.sugarGrams * millilitresPerGram.sucrose;

const mixture = (
  e: { waterMl: number; gingerGrams: number; sugarGrams: number },
  form: 'grated' | 'sliced',
) =>
  [
    { what: 'water', ml: e.waterMl },
    { what: 'ginger', grams: e.gingerGrams, form },
    { what: 'white-sugar', grams: e.sugarGrams },
  ].filter(({ grams, ml }) => (grams ?? ml ?? 0) > 0);

/**
 * Entries of the first version in today's words: each becomes one entry with the same id and instant, so that files, tabs and
 * undoings go on fitting together.
 *
 * @param entries any order; batches are looked up among them (and in `others`) for the starter a pitching drew from
 */
export function fromVersion1(entries: readonly EntryV1[], others: readonly Entry[] = []): Entry[] {
  const starters = new Map<string, string>();
  for (const other of others) {
    const planned = other.kind === 'lot-begun' ? other.recipe?.planned?.lotId : undefined;
    if (planned) starters.set(other.id, planned);
  }
  for (const entry of entries) if (entry.kind === 'batch-begun') starters.set(entry.id, entry.starterId);
  return entries.map((entry) => upgraded(entry, starters));
}

function upgraded(entry: EntryV1, starters: ReadonlyMap<string, string>): Entry {
  const stamp = { id: entry.id, at: entry.at, offset: entry.offset, version: 2 } as const;
  switch (entry.kind) {
    case 'kitchen-warmed':
      return { ...stamp, kind: 'temperature-set', place: 'counter', celsius: Math.min(45, entry.celsius) };
    case 'starter-begun':
      return {
        ...stamp,
        kind: 'lot-begun',
        role: 'starter',
        name: entry.name,
        vessel: { kind: 'jar', ml: Math.max(entry.jarMl, Math.ceil(room(entry))) },
        closure: 'cloth',
        place: 'counter',
        culture: entry.culture,
        portions: mixture(entry, 'grated'),
      };
    case 'fed':
      return { ...stamp, kind: 'portions-added', lotId: entry.starterId, portions: mixture(entry, 'grated') };
    case 'looked':
      return { ...stamp, kind: 'observed', lotId: entry.starterId, signs: { foam: entry.foam } };
    case 'starter-moved':
      return { ...stamp, kind: 'moved', lots: [entry.starterId], place: entry.place };
    case 'batch-begun':
      return { ...stamp, ...brew(entry) };
    case 'pitched':
      return {
        ...stamp,
        kind: 'transferred',
        from: starters.get(entry.batchId) ?? unknownStarter,
        taken: 'liquid',
        celsius: entry.celsius,
        targets: [{ lotId: entry.batchId, ml: Math.max(0.1, entry.doseMl) }],
      };
    case 'gravity-read':
      return { ...stamp, kind: 'measured', lotId: entry.batchId, quantity: 'sg', value: entry.gravity };
    case 'tasted':
      return { ...stamp, kind: 'tasted', lotId: entry.batchId, sweet: entry.sweet, sour: entry.sour };
    case 'bottled':
      return { ...stamp, ...bottling(entry) };
    case 'squeezed':
      return { ...stamp, kind: 'observed', lotId: entry.bottleId, signs: { squeeze: entry.feel } };
    case 'burped':
      return { ...stamp, kind: 'vented', lots: [entry.bottleId], long: false };
    case 'bottles-moved':
      return { ...stamp, kind: 'moved', lots: entry.bottleIds, place: entry.place };
    case 'opened':
      return {
        ...stamp,
        kind: 'opened',
        lotId: entry.bottleId,
        how: entry.opening,
        sweet: entry.sweet,
        sour: entry.sour,
        ...(entry.note ? { note: entry.note } : {}),
      };
    case 'undone':
      return { ...stamp, kind: 'undone', targetId: entry.targetId };
  }
}

/** The first version knew no jar for a brew: one with a tenth of room is taken. */
function brew(entry: V1<'batch-begun'>) {
  const vessel = { kind: 'jar', ml: Math.ceil(((room(entry) + entry.doseMl) * 1.1) / 50) * 50 } as const;
  const recipe = {
    base: 'ginger-tea',
    wantedVolumes: entry.wantedVolumes,
    planned: { lotId: entry.starterId, ml: entry.doseMl },
  } as const;
  return {
    kind: 'lot-begun',
    role: 'brew',
    name: entry.name,
    vessel,
    closure: 'airlock',
    place: 'counter',
    recipe,
    portions: mixture(entry, 'sliced'),
  } as const;
}

function bottling(entry: V1<'bottled'>) {
  const { count, bottleMl, headspaceMl, primingGramsPerLitre } = entry;
  const grams = (primingGramsPerLitre * (bottleMl - headspaceMl)) / 1000;
  const target = (number: number) => ({
    begin: {
      role: 'bottle',
      name: String(number),
      vessel: { kind: entry.vessel, ml: bottleMl },
      closure: 'sealed',
      place: 'counter',
    } as const,
    ml: bottleMl - headspaceMl - grams * millilitresPerGram.sucrose,
    ...(grams > 0 ? { portions: [{ what: 'white-sugar', grams }] } : {}),
  });
  return {
    kind: 'transferred',
    from: entry.batchId,
    taken: 'liquid',
    targets: Array.from({ length: count }, (_, index) => target(index + 1)),
  } as const;
}
