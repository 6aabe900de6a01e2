import { refusalWords } from '../src/words/refusals.ts';
// Random but legal makers, sixty days each: they take what is offered and have ideas of their own; nothing may stumble, no
// figure may be no number, no two views may contradict each other, and what was told one by one must be what is read back.
import { seededUniform } from '../src/core/forecast/run/random.ts';
import { parseEntry, versionOf, type Entry } from '../src/core/journal/entry.ts';
import { everyLot } from '../src/core/journal/household.ts';
import { nextId } from '../src/core/journal/instant-id.ts';
import { append, emptyJournal, journalOf } from '../src/core/journal/journal.ts';
import { agenda } from '../src/core/tasks/agenda.ts';
import { answersOf } from './crawl/check.ts';
import { ownIdea, taken } from './crawl/maker.ts';
import { hourMs } from '../src/core/duration.ts';

const days = Number(process.env.CRAWL_DAYS ?? 60);
const makers = Number(process.argv[2] ?? 200);
const firstSeed = Number(process.argv[3] ?? 1);
const begun = Date.UTC(2026, 3, 6, 7);

const faults = new Map<string, number>();
let acts = 0;
for (let seed = firstSeed; seed < firstSeed + makers; seed++) {
  const dice = seededUniform(seed);
  let journal = emptyJournal;
  const entries: Entry[] = [];
  let clock = { ms: 0, count: 0 };
  const fault = (words: string) => {
    const plain = words.replace(/[\d.]+/g, 'N');
    if (!faults.has(plain)) console.log(`maker ${seed}: ${words}`);
    faults.set(plain, (faults.get(plain) ?? 0) + 1);
  };
  try {
    for (let visit = 0; visit < days; visit++) {
      // Once a day, at some hour; now and then two days late, and then with round times.
      if (dice() < 0.12) continue;
      const now = begun + (visit * 24 + Math.round(dice() * 12 * 4) / 4) * hourMs;
      const { lots, starters, faults: wrong } = answersOf(journal.household, now);
      wrong.forEach(fault);
      const living = everyLot(journal.household).filter((lot) => !lot.ended && !lot.opened);
      const tasks = agenda({
        household: journal.household,
        living,
        lotAnswer: (id) => lots.get(id) ?? null,
        starterAnswer: (id) => starters.get(id) ?? null,
        now,
      });
      for (const { from, until, id } of tasks)
        if (!(Number.isFinite(from) && Number.isFinite(until) && until >= from))
          fault(`task ${id} from ${from} until ${until}`);
      const ids = tasks.map(({ id }) => id);
      if (new Set(ids).size < ids.length) fault('one task stands twice on Today');
      const done = tasks
        .filter(({ from }) => from <= now && dice() < 0.75)
        .flatMap((task) => taken(task, dice));
      const ideas = dice() < 0.5 ? ownIdea(journal.household, dice) : [];
      for (const act of [...done, ...ideas]) {
        const next = nextId(clock, now, 'crwl');
        const at = dice() < 0.1 ? Math.floor(now / hourMs) * hourMs : now;
        const entry = parseEntry({ ...act, id: next.id, at, offset: 60, version: versionOf(act.kind) });
        if (!entry.ok) {
          fault(`${act.kind} is no entry: ${refusalWords(entry)}`);
          continue;
        }
        clock = next.clock;
        acts++;
        entries.push(entry.value);
        journal = append(journal, [entry.value], now);
      }
    }
    const end = begun + (days + 1) * 24 * hourMs;
    const again = journalOf(entries, end).household;
    const plain = (value: unknown) => JSON.stringify(value);
    const told = everyLot(append(journal, [], end).household);
    for (const lot of everyLot(again)) {
      const before = told.find(({ id }) => id === lot.id);
      if (plain(before) !== plain(lot)) fault(`${lot.name} is read back other than it was told`);
    }
  } catch (error) {
    fault(`stumbled: ${error instanceof Error ? error.message : String(error)}`);
    if (error instanceof Error && process.env.CRAWL_STACK) console.log(error.stack);
  }
}
console.log(
  `${makers} makers, ${days} days, ${acts} acts: ${faults.size} kinds of fault, ${[...faults.values()].reduce((a, b) => a + b, 0)} in all.`,
);
process.exitCode = faults.size > 0 ? 1 : 0;
