import { isIngredient } from '@/core/matter/ingredients/registry';
import { languageOf } from './language';
import dutch from './nl.json';

const nl = languageOf('nl-NL', dutch);

describe('Dutch', () => {
  test('every message can be said, with every parameter in it', () => {
    for (const [key, message] of Object.entries(dutch)) {
      const names = [...key.matchAll(/\{(\d+)\}/g)].map(([, name]) => name!);
      const values = Object.fromEntries(names.map((name) => [name, `<${name}>`]));
      const said = nl.translate(key, { ...values, ...(key.startsWith('{count') ? { count: 2 } : {}) });
      expect({ message, said: names.every((name) => said?.includes(`<${name}>`)) }).toEqual({
        message,
        said: true,
      });
      expect(said).not.toMatch(/[{}]/);
    }
  });

  test('names ingredients that there are', () => {
    const lines = dutch['ingredients by other names'].split('\n').map((line) => line.split(': '));
    expect(lines.filter(([id, names]) => !isIngredient(id!) || !names)).toEqual([]);
    expect(lines.length).toBeGreaterThan(30);
  });

  test('counts by its own plural', () => {
    const bottles = '{count, plural, one {# bottle} other {# bottles}}';
    expect([0, 1, 2, 1200].map((count) => nl.translate(bottles, { count }))).toEqual([
      '0 flessen',
      '1 fles',
      '2 flessen',
      '1.200 flessen',
    ]);
  });

  test('writes decimals with a comma, and leaves times, names and gravities alone', () => {
    const temperature = '{0} °C instead of {1} °C';
    expect(nl.translate(temperature, { 0: '22.5', 1: 4 })).toBe('22,5 °C in plaats van 4 °C');
    expect(nl.translate('{0} opened after {1} warm', { 0: '0.6–3.5', 1: '4 u' })).toBe(
      '0,6–3,5 geopend na 4 u warm',
    );
    expect(nl.translate('{0}–{1} g a litre is usual', { 0: '1.042', 1: '0.998' })).toBe(
      '1.042–0.998 g per liter is gewoon',
    );
    expect(nl.translate('Feed {0}', { 0: 'Nr. 2.5 of Bo' })).toBe('Voed Nr. 2.5 of Bo');
  });

  test('says nothing of what it does not have', () => {
    expect(nl.translate('Something nobody says', {})).toBeNull();
  });
});
