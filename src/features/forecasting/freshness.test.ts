import type { Lot } from '@/core/lots/lot';
import { Freshness } from './freshness';

const lot = (id: string) => ({ id }) as Lot;

test('an answer is stale from the act that changed a lot until the next answer, and not for the clock’s sake', () => {
  const fresh = new Freshness();
  const [brew, bottle] = [lot('brew'), lot('bottle')];
  const first = { n: 1 };
  const answers = new Map<string, unknown>([['brew', first]]);
  const pending = new Set<string>();
  const families = (lots: readonly Lot[]) => new Map([['brew', lots]]);
  const note = (lots: readonly Lot[]) =>
    fresh.note(
      families(lots),
      (id) => answers.get(id) ?? null,
      (id) => pending.has(id),
    );
  expect(note([brew, bottle])).toBe(false);
  expect(fresh.isStale('brew', first, [brew, bottle])).toBe(false);

  // Chilled: the bottle is another one; its family is asked anew.
  const cold = lot('bottle');
  pending.add('brew');
  note([brew, cold]);
  expect(fresh.isStale('brew', first, [brew, cold])).toBe(true);
  // An answer to an older question comes in between: still stale for the present lots? It is awaited on.
  expect(note([brew, cold])).toBe(false);
  pending.clear();
  const second = { n: 2 };
  answers.set('brew', second);
  expect(note([brew, cold])).toBe(true);
  expect(fresh.isStale('brew', second, [brew, cold])).toBe(false);

  // What changes no question (a note) is answered already: nothing is awaited, and the answer is fresh again.
  const noted = lot('brew');
  expect(fresh.isStale('brew', second, [noted, cold])).toBe(true);
  expect(note([noted, cold])).toBe(true);
  expect(fresh.isStale('brew', second, [noted, cold])).toBe(false);
  // Nothing was ever answered: nothing is old.
  expect(fresh.isStale('other', null, [brew])).toBe(false);
});
