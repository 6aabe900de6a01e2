import { chosenWay } from './begin-form';
import { proposedName } from './proposed-name';

const of = (id: string, ...taken: string[]) => proposedName(chosenWay(id).way, taken);

test('a jar is proposed a name that nothing has, a packet and a brew what they are', () => {
  expect([of('whey'), of('whey', 'Pip'), of('whey', 'Pip', 'Tansy')]).toEqual(['Pip', 'Tansy', 'Moss']);
  expect([of('ale-yeast'), of('peel'), of('raw-ginger')]).toEqual(['Ale yeast', 'Tepache', 'Raw ginger']);
  expect([of('peel', 'Tepache'), of('peel', 'Tepache', 'Tepache 2')]).toEqual(['Tepache 2', 'Tepache 3']);
});
