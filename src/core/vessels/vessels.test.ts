import { bottleIds, holdsFizz, jarIds, vesselIds, vesselKind } from './vessel-kinds';
import { fullestShare } from './vessel';

test('working limits are those of careful practice, bar gauge', () => {
  expect(Object.fromEntries(vesselIds.map((id) => [id, vesselKind(id).limitBar]))).toEqual({
    'swing-top': 2.8,
    'plastic-soda': 4,
    'crown-cap': 3,
    'sparkling-wine': 6,
    decorative: 0.2,
    'preserving-jar': 0,
    jar: 0,
    crock: 0,
    demijohn: 0,
    bowl: 0,
    packet: 0,
  });
});

test('only bottles made for it hold fizz; no jar is ever closed tight', () => {
  expect(bottleIds.filter(holdsFizz)).toEqual(['swing-top', 'plastic-soda', 'crown-cap', 'sparkling-wine']);
  expect(jarIds.filter(holdsFizz)).toEqual([]);
  for (const id of vesselIds) expect(vesselKind(id).id).toBe(id);
  expect(fullestShare).toBe(0.9);
});
