import { choiceAt, waysThrough } from './choices';
import { isFree } from './free-hours';
import { nothingHeld } from './held';
import { householdOf, lengthsAlike, monday, wayOf, wishOf } from './plan.test-tool';
import { windowsOf } from './step-windows';
import { hourMs } from '../duration';

test('a bottling that is held is done then, tasted or not; each hour of its window says what it leaves', () => {
  const kitchens = Array.from({ length: 20 }, (_, k): [number, number, number, number] => [
    30 + 3 * k,
    100 + 4 * k,
    36,
    90,
  ]);
  const one = wishOf('w', 9, [wayOf('a', lengthsAlike(kitchens))]);
  const house = householdOf();
  const held = (bottleAt: number | null) => ({ ...one, held: { ...nothingHeld, bottleAt } });
  const pitchAt = monday;
  const [bottle, chill] = windowsOf({ way: one.ways[0]!, pitchAt }, one, house);
  expect([bottle!.kind, chill!.kind]).toEqual(['bottle', 'chill']);
  const at = monday + 62 * hourMs;
  expect(isFree(at, house.free)).toBe(true);
  const choice = choiceAt(held(at), one.ways[0]!, pitchAt, house);
  expect(choice.filled[0]).toBe(at);
  // Kitchens that are not three quarters on their way by then are too sweet, and none too dry: 62 h is before 0.75 of 83 h.
  expect(waysThrough(one.ways[0]!, pitchAt, house, held(at).held).filter(({ good }) => good)).toHaveLength(
    kitchens.filter(([ready, dry]) => 62 >= 0.75 * ready && 62 <= dry).length,
  );
  for (const each of bottle!.moments)
    expect(each.chance).toBe(choiceAt(held(each.at), one.ways[0]!, pitchAt, house).chance);
  expect(bottle!.moments.length).toBeGreaterThan(8);
  // A bottling before the brew day, and a fridge before the bottling, are no way.
  expect(choiceAt(held(pitchAt - hourMs), one.ways[0]!, pitchAt, house).chance).toBe(0);
  const cold = { ...one, held: { ...nothingHeld, bottleAt: at, chillAt: at - hourMs } };
  expect(choiceAt(cold, one.ways[0]!, pitchAt, house).chance).toBe(0);
});
