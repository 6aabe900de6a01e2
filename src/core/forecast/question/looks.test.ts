import type { Lot, LotReading } from '../../lots/lot';
import { observationsFor } from './lot-ask';
import { partOf } from '../../part-of.test-tool';

/** A lot of which an instrument was read once. */
const used = (kind: LotReading['kind']) =>
  partOf<Lot>({ events: [{ kind: 'stirred' }, { kind: 'read', readings: [{ kind, value: 1 }] }] });
const plain = partOf<Lot>({ events: [] });

test('instruments are asked for when they were used before, on this lot or on its jar', () => {
  expect(observationsFor(true, [plain], 'squeeze')).toEqual(['squeeze']);
  expect(observationsFor(true, [used('gaugeBar'), plain], 'squeeze')).toEqual(['squeeze', 'gaugeBar']);
  expect(observationsFor(true, [used('sg')], 'hiss')).toEqual(['hiss']);
  expect(observationsFor(false, [plain, used('sg')], 'hiss')).toEqual(['sweet', 'foam', 'sg']);
  expect(observationsFor(false, [used('gaugeBar')], 'squeeze')).toEqual(['sweet', 'foam']);
});
