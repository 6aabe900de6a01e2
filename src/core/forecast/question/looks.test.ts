import type { Lot } from '../../lots/lot';
import { looksAt } from './lot-ask';

/** A lot of which an instrument was read once. */
const used = (kind: string) =>
  ({ events: [{ kind: 'noted' }, { kind: 'read', readings: [{ kind, value: 1 }] }] }) as unknown as Lot;
const plain = { events: [] } as unknown as Lot;

test('instruments are asked for when they were used before, on this lot or on its jar', () => {
  expect(looksAt(true, [plain], 'squeeze')).toEqual(['squeeze']);
  expect(looksAt(true, [used('gaugeBar'), plain], 'squeeze')).toEqual(['squeeze', 'gaugeBar']);
  expect(looksAt(true, [used('sg')], 'hiss')).toEqual(['hiss']);
  expect(looksAt(false, [plain, used('sg')], 'hiss')).toEqual(['sweet', 'foam', 'sg']);
  expect(looksAt(false, [used('gaugeBar')], 'squeeze')).toEqual(['sweet', 'foam']);
});
