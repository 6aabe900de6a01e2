import { versionOf, type Entry } from '../../src/core/journal/entry';
import { nextId } from '../../src/core/journal/instant-id';
import { append, journalOf, type Journal } from '../../src/core/journal/journal';
import { agenda } from '../../src/core/tasks/agenda';
import { everyLot } from '../../src/core/journal/household';
import { isLiving } from '../../src/core/lots/lineage';
import { hourMs } from '../../src/core/duration.ts';

/** There when Node.js was started with --expose-gc, as scripts/bench.mjs does. */
const collectGarbage = (globalThis as { gc?: () => void }).gc ?? (() => undefined);

const years = 10;
const start = Date.UTC(2016, 0, 1);
const end = start + years * 365.25 * 24 * hourMs;

/**
 * A journal of that many entries spread over ten years: bugs renewed each spring and fed through the year, at most about once
 * a day each, and brews with four bottles, looks, tastes, moves and openings.
 */
function tenYears(count: number): Entry[] {
  const entries: Entry[] = [];
  let clock = { ms: 0, count: 0 };
  const every = (end - start) / count;
  const write = (act: { readonly kind: string } & Record<string, unknown>): string => {
    const at = Math.round(start + entries.length * every);
    const next = nextId(clock, at, 'bnch');
    clock = next.clock;
    entries.push({ ...act, id: next.id, at, offset: 0, version: versionOf(act.kind) } as Entry);
    return next.id;
  };
  const jar = { kind: 'jar', ml: 3000 };
  // Nobody feeds one jar six times a day: more feeds mean more jars side by side.
  const jarsAtOnce = Math.ceil((0.6 * count) / (years * 365));
  let bugs: string[] = [];
  let year = -1;
  while (entries.length < count) {
    const now = Math.floor((entries.length / count) * years);
    if (now !== year) {
      year = now;
      bugs = Array.from({ length: jarsAtOnce }, (_, index) =>
        write({
          kind: 'lot-begun',
          role: 'starter',
          name: `Bug ${year}-${index + 1}`,
          vessel: jar,
          closure: 'cloth',
          place: 'counter',
          culture: 'ginger-bug',
          portions: [
            { what: 'water', ml: 1500 },
            { what: 'ginger', grams: 75 },
            { what: 'white-sugar', grams: 75 },
          ],
        }),
      );
    }
    for (let i = 0; i < 12; i++)
      write({
        kind: 'portions-added',
        lotId: bugs[(entries.length + i) % bugs.length],
        portions: [
          { what: 'ginger', grams: 20 },
          { what: 'white-sugar', grams: 20 },
          { what: 'water', ml: 15 },
        ],
      });
    const bug = bugs[entries.length % bugs.length];
    const brew = write({
      kind: 'lot-begun',
      role: 'brew',
      name: 'Soda',
      vessel: jar,
      closure: 'airlock',
      place: 'counter',
      recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
      portions: [
        { what: 'water', ml: 1800 },
        { what: 'white-sugar', grams: 160 },
      ],
    });
    write({
      kind: 'transferred',
      from: bug,
      taken: 'liquid',
      celsius: 22,
      targets: [{ lotId: brew, ml: 150 }],
    });
    write({ kind: 'tasted', lotId: brew, sweet: 3, sour: 2 });
    const filled = write({
      kind: 'transferred',
      from: brew,
      taken: 'liquid',
      targets: [1, 2, 3, 4].map((n) => ({
        begin: {
          role: 'bottle',
          name: String(n),
          vessel: { kind: 'swing-top', ml: 500 },
          closure: 'sealed',
          place: 'counter',
        },
        ml: 480,
      })),
    });
    const bottles = [1, 2, 3, 4].map((n) => `${filled}-${n}`);
    write({ kind: 'observed', lotId: bottles[0], signs: { squeeze: 'firm' } });
    write({ kind: 'moved', lots: bottles, place: 'fridge' });
    for (const lotId of bottles) write({ kind: 'opened', lotId, how: 'lively', sweet: 3, sour: 2 });
    write({ kind: 'temperature-set', place: 'counter', celsius: 18 + (entries.length % 9) });
  }
  return entries.slice(0, count);
}

const sizes = [1000, 10_000, 40_000] as const;

/** What is done to a journal of one size, each a piece of work to be timed. */
interface Household {
  readonly size: number;
  readonly megabytes: number;
  readonly work: Readonly<Record<'open' | 'append' | 'undo' | 'amend', () => void>>;
}

const written = (at: number, node: string) => ({
  id: nextId({ ms: 0, count: 0 }, at, node).id,
  at,
  offset: 0,
  version: 2 as const,
});

function openToToday(texts: readonly string[]): Journal {
  const journal = journalOf(
    texts.map((text) => JSON.parse(text) as Entry),
    end,
  );
  const { household } = journal;
  const living = everyLot(household).filter(isLiving);
  agenda({ household, living, lotAnswer: () => null, starterAnswer: () => null, now: end });
  return journal;
}

/** Live memory, MB, after everything unused is thrown away. */
function megabytesUsed(): number {
  collectGarbage();
  return process.memoryUsage().heapUsed / 1e6;
}

function householdOf(size: number): Household {
  const entries = tenYears(size);
  const texts = entries.map((entry) => JSON.stringify(entry));
  const before = megabytesUsed();
  const journal = openToToday(texts);
  const megabytes = megabytesUsed() - before;
  const bug = entries.findLast((entry) => entry.kind === 'lot-begun' && entry.role === 'starter')!;
  const fed = entries.find(({ kind }) => kind === 'portions-added')!;
  const feed = { ...fed, ...written(end, 'feed'), lotId: bug.id } as Entry;
  const withFeed = append(journal, [feed], end);
  const undo: Entry = { ...written(end + 1, 'undo'), kind: 'undone', targetId: feed.id };
  const monthOld = entries.findLast(
    (entry) => entry.kind === 'portions-added' && entry.at < end - 30 * 24 * hourMs,
  )!;
  const patch = { portions: [{ what: 'white-sugar', grams: 21 }] };
  const amend: Entry = { ...written(end + 2, 'amnd'), kind: 'amended', targetId: monthOld.id, patch };
  return {
    size,
    megabytes,
    work: {
      open: () => void openToToday(texts),
      append: () => void append(journal, [feed], end),
      undo: () => void append(withFeed, [undo], end),
      amend: () => void append(journal, [amend], end),
    },
  };
}

const rounds = { open: 5, append: 3000, undo: 30, amend: 30 } as const;
const names = {
  open: "open to Today's list",
  append: 'append one entry',
  undo: 'undo the last',
  amend: 'correct one a month old',
} as const;

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;

/**
 * Cost of a journal by its size: opening, one entry more, undoing it, correcting one a month old, memory. Sizes take turns, so
 * that none gets the cold compiler or a busy moment to itself; medians.
 */
export function scaleBench(line: (name: string, ms: number) => void): void {
  const households = sizes.map(householdOf);
  const appends: number[] = [];
  for (const act of ['open', 'append', 'undo', 'amend'] as const) {
    const times = households.map((): number[] => []);
    for (let round = 0; round < rounds[act]; round++)
      for (const [index, { work }] of households.entries()) {
        const from = performance.now();
        work[act]();
        times[index]!.push(performance.now() - from);
      }
    for (const [index, { size }] of households.entries()) {
      const ms = median(times[index]!);
      line(`${(size / 1000).toFixed(0)}k entries over ten years: ${names[act]}`, ms);
      if (act === 'append') appends.push(ms);
    }
  }
  const ratio = appends.at(-1)! / appends[0]!;
  console.log(`Append at 40k costs ${ratio.toFixed(2)} times that at 1k (wanted: at most 1.2)`);
  for (const { size, megabytes } of households)
    console.log(`${(size / 1000).toFixed(0)}k entries take ${megabytes.toFixed(1)} MB`);
}
