import type { Lot } from '@/core/lots/lot';
import { forecastLot, type BrewRow } from './brew-rows';

const lot = (id: string, place: string) => ({ id, place }) as Lot;
const brew = lot('jar', 'counter');
const minute = 1 / 60;

describe('the lot whose forecast a brew shows', () => {
  const bottles = [lot('1', 'fridge'), lot('2', 'counter'), lot('3', 'counter'), lot('4', 'cupboard')];
  const row = (change: Partial<BrewRow> = {}): BrewRow => ({
    brew,
    stage: 'bottled',
    pitch: null,
    bottles,
    ...change,
  });
  const closing = (minutes: Readonly<Record<string, number>>) => (id: string) =>
    minutes[id] === undefined ? Infinity : minutes[id] * minute;

  test('the warm bottle that must be chilled first', () =>
    expect(forecastLot(row(), closing({ 1: 5, 2: 500, 3: 439, 4: 600 })).id).toBe('3'));

  test('of those that close within an hour the first filled, whichever a better answer puts in front', () => {
    expect(forecastLot(row(), closing({ 2: 400, 3: 380, 4: 341 })).id).toBe('2');
    expect(forecastLot(row(), closing({ 2: 400, 3: 341, 4: 360 })).id).toBe('2');
    expect(forecastLot(row(), closing({ 2: 400, 3: 339, 4: 360 })).id).toBe('3');
  });

  test('before anything is known, in the cold, and without bottles', () => {
    expect(forecastLot(row(), closing({})).id).toBe('2');
    expect(forecastLot(row({ bottles: bottles.slice(0, 1) }), closing({ 1: 5 })).id).toBe('1');
    expect(forecastLot(row({ bottles: [] }), closing({})).id).toBe('jar');
    expect(forecastLot(row({ stage: 'first-ferment' }), closing({ 2: 1 })).id).toBe('jar');
  });
});
