import { refusal, type Refusal } from '@/core/refusals';
import { refusalWords } from './refusals';

const damaged = refusal('entry.invalid', { path: 'value', why: 'Between 0 and 1' });

test.each<readonly [Refusal, string]>([
  [refusal('measure.unreadable', { text: 'some' }), '“some” is not an amount. Try 30 g, ½ cup or 2,5 dl.'],
  [refusal('measure.low', { low: 5, unit: 'g' }), 'At least 5 g.'],
  [refusal('measure.high', { high: 900, unit: 'ml' }), 'At most 900 ml here: check the unit.'],
  [refusal('measured.range', { quantity: 'brix', low: 0, high: 45 }), 'Between 0 and 45 °Brix.'],
  [refusal('measured.range', { quantity: 'sg', low: 0.98, high: 1.2 }), 'Between 0.98 and 1.2.'],
  [
    refusal('add.over-rim', { makes: 901.6, vessel: 1000, most: 900 }),
    'That makes 902 ml; this vessel foams over above 900 ml.',
  ],
  [refusal('add.too-much', { grams: 131, vessel: 100 }), '131 g into a 100 ml vessel: check the unit.'],
  [refusal('take.too-much', { lot: 'Juno', there: 499.7 }), 'There are 500 ml of liquid in Juno.'],
  [refusal('packet.too-much', { lot: 'The packet', there: 4.26 }), 'There are 4.3 g left in The packet.'],
  [
    refusal('draw.too-large', { lot: 'Nib', most: 255 }),
    'At most 255 ml can be drawn from Nib now: the rest must stay to regrow.',
  ],
  [
    refusal('draw.too-low', { lot: 'Nib', mark: 430 }),
    'Nib is too low to draw from: top it up to the 430 ml mark and wait a day.',
  ],
  [
    refusal('build.too-much', { wanted: 600, jar: 900, stays: 172.8, most: 500 }),
    '600 ml would need a jar of at least 900 ml: a part of 173 ml stays to regrow. Move it first, or ask for 500 ml.',
  ],
  [refusal('build.nothing', { least: 5, unit: 'g' }), 'Ask for at least 5 g.'],
  [
    refusal('life.none', { culture: 'ginger-bug' }),
    'Brewed with ginger bug, and none lives here yet: begin one, choose another, or add a packet of yeast.',
  ],
  [refusal('life.none', { culture: null }), 'Add the yeast, grains or whey to the list, with its amount.'],
  [
    refusal('swap.too-much-sugar', { brings: 80.2, has: 60 }),
    'The juice brings 80 g of sugar; the sweetener has only 60 g to give. Take less juice.',
  ],
  [damaged, 'An entry is damaged at “value”: Between 0 and 1.'],
  [refusal('entry.invalid', { path: '', why: 'unreadable' }), 'An entry is damaged: unreadable.'],
  [
    refusal('backup.damaged', { number: 2, of: 7, because: damaged }),
    'Entry 2 of 7: An entry is damaged at “value”: Between 0 and 1. Nothing was changed.',
  ],
  [
    refusal('backup.correction-damaged', { because: damaged }),
    'A correction in it is damaged: An entry is damaged at “value”: Between 0 and 1. Nothing was changed.',
  ],
])('%j', (refused, sentence) => expect(refusalWords(refused)).toBe(sentence));
