import type { Entry } from '../../src/core/journal/entry';
import { valueIn } from '../../src/core/journal/entry-table';
import { nextId } from '../../src/core/journal/instant-id';
import { append, journalOf } from '../../src/core/journal/journal';
import { agenda } from '../../src/core/tasks/agenda';
import { everyLot } from '../../src/core/journal/household';
import { isLiving } from '../../src/core/lots/lineage';

const hourMs = 3_600_000;
const years = 10;
const start = Date.UTC(2016, 0, 1);
const end = start + years * 365.25 * 24 * hourMs;

/**
 * A journal of that many entries spread over ten years: a bug renewed each spring and fed through the year, a brew every few
 * weeks with four bottles, looks, tastes, moves and openings.
 */
export function tenYears(count: number): Entry[] {
  const entries: Entry[] = [];
  let clock = { ms: 0, count: 0 };
  const every = (end - start) / count;
  const write = (act: object): string => {
    const at = Math.round(start + entries.length * every);
    const next = nextId(clock, at, 'bnch');
    clock = next.clock;
    entries.push({ ...act, id: next.id, at, offset: 0, version: 2 } as Entry);
    return next.id;
  };
  const jar = { kind: 'jar', ml: 3000 };
  let bug = '';
  let year = -1;
  while (entries.length < count) {
    const now = Math.floor((entries.length / count) * years);
    if (now !== year) {
      year = now;
      bug = write({
        kind: 'lot-begun',
        role: 'starter',
        name: `Bug ${year}`,
        vessel: jar,
        closure: 'cloth',
        place: 'counter',
        culture: 'ginger-bug',
        portions: [
          { what: 'water', ml: 1500 },
          { what: 'ginger', grams: 75 },
          { what: 'white-sugar', grams: 75 },
        ],
      });
    }
    for (let i = 0; i < 12; i++)
      write({
        kind: 'portions-added',
        lotId: bug,
        portions: [
          { what: 'ginger', grams: 20 },
          { what: 'white-sugar', grams: 20 },
          { what: 'water', ml: 15 },
        ],
      });
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

const median = (values: number[]) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

function timed(times: number, work: () => void): number {
  const out: number[] = [];
  for (let i = 0; i < times; i++) {
    const from = performance.now();
    work();
    out.push(performance.now() - from);
  }
  return median(out);
}

/** Cost of a journal by its size: opening to Today's list, one entry more, undoing it, correcting one a month old; memory. */
export function scaleBench(line: (name: string, ms: number) => void): void {
  const append1k: { at1k?: number } = {};
  for (const size of [1000, 10_000, 40_000, 1000, 10_000, 40_000]) {
    const warmUp = append1k.at1k === undefined;
    const entries = tenYears(size);
    const texts = entries.map((entry) => JSON.stringify(entry));
    const before = process.memoryUsage().heapUsed;
    const open = timed(3, () => {
      const { household } = journalOf(
        texts.map((text) => JSON.parse(text) as Entry),
        end,
      );
      agenda({
        household,
        living: everyLot(household).filter(isLiving),
        lotAnswer: () => null,
        starterAnswer: () => null,
        now: end,
      });
    });
    const journal = journalOf(entries, end);
    const heap = (process.memoryUsage().heapUsed - before) / 1e6;
    const bug = entries.findLast((entry) => entry.kind === 'lot-begun' && entry.role === 'starter')!;
    const feed = {
      ...entries.find(({ kind }) => kind === 'portions-added')!,
      lotId: bug.id,
      at: end,
      id: nextId({ ms: 0, count: 0 }, end, 'feed').id,
    } as Entry;
    const added = timed(400, () => void append(journal, [feed], end));
    const withFeed = append(journal, [feed], end);
    const undo = {
      kind: 'undone',
      targetId: feed.id,
      id: nextId({ ms: 0, count: 0 }, end + 1, 'undo').id,
      at: end,
      offset: 0,
      version: 2,
    } as Entry;
    const undone = timed(20, () => void append(withFeed, [undo], end));
    const monthOld = entries.findLast(
      (entry) => entry.kind === 'portions-added' && entry.at < end - 30 * 24 * hourMs,
    )!;
    const amend = {
      kind: 'amended',
      targetId: monthOld.id,
      patch: { portions: [{ what: 'white-sugar', grams: 21 }] },
      id: nextId({ ms: 0, count: 0 }, end + 2, 'amnd').id,
      at: end,
      offset: 0,
      version: 2,
    } as Entry;
    const amended = timed(20, () => void append(journal, [amend], end));
    if (!valueIn(journal.entries, feed.id) && size === 1000) append1k.at1k ??= added;
    if (warmUp && size === 1000) continue;
    const name = `${(size / 1000).toFixed(0)}k entries over ten years`;
    line(`${name}: open to Today's list`, open);
    line(`${name}: append one`, added);
    line(`${name}: undo the last`, undone);
    line(`${name}: correct one a month old`, amended);
    console.log(`${name}: about ${heap.toFixed(0)} MB more in memory`);
  }
}
