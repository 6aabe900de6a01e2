import { lateWords } from './late-words';
import { hourMs } from '@/core/duration';

const now = Date.UTC(2026, 5, 30, 18);
const brew = (closure: 'cloth' | 'loose-lid' | 'airlock', place: 'counter' | 'fridge' = 'counter') =>
  ({ role: 'brew', closure, place }) as const;

test('late by an hour or more is said with what became of it', () => {
  expect(lateWords('bottle', brew('airlock'), now - 0.9 * hourMs, now)).toBeNull();
  expect(lateWords('bottle', brew('airlock'), now - 3 * hourMs, now)).toBe(
    '3 hours late: drier, sourer and stronger by now. Taste it first; if it is too sour, cook with it.',
  );
  expect(lateWords('chill', brew('airlock'), now - 99 * hourMs, now)).toBeNull();
});

test('what lay in the air for three weeks too long is vinegar by now; behind an airlock or in the fridge it is not', () => {
  const said = (lot: ReturnType<typeof brew>, days: number) =>
    lateWords('bottle', lot, now - days * 24 * hourMs, now);
  expect(said(brew('loose-lid'), 60)).toBe(
    '60 days late: likely vinegar by now. Smell it: dress a salad with it, or pour it away. It makes no soda.',
  );
  expect(said(brew('cloth'), 22)).toContain('vinegar');
  expect(said(brew('cloth'), 20)).toContain('drier, sourer');
  expect(said(brew('airlock'), 60)).toContain('drier, sourer');
  expect(said(brew('loose-lid', 'fridge'), 60)).toContain('drier, sourer');
});
