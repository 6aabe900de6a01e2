import { brewName } from './brew-name';

test.each([
  [['white-sugar', 'ginger', 'plum', 'bay'], 'Plum and bay'],
  [['white-sugar', 'ginger'], 'Ginger'],
  [['honey', 'water', 'sea-salt'], 'Plain soda'],
  [['lemon-juice', 'lemon-zest', 'mint'], 'Lemon and mint'],
  [['white-sugar', 'pear-juice', 'wine-yeast'], 'Pear'],
  [[], 'Plain soda'],
])('%j is called %s', (whats, name) => expect(brewName(whats)).toBe(name));
