import fc from 'fast-check';
import { Entry, parseEntry } from './entry';
import { example as batchBegun } from './entries/batch-begun';
import { example as bottled } from './entries/bottled';
import { example as bottlesMoved } from './entries/bottles-moved';
import { example as burped } from './entries/burped';
import { example as fed } from './entries/fed';
import { example as gravityRead } from './entries/gravity-read';
import { example as kitchenWarmed } from './entries/kitchen-warmed';
import { example as looked } from './entries/looked';
import { example as opened } from './entries/opened';
import { example as pitched } from './entries/pitched';
import { example as squeezed } from './entries/squeezed';
import { example as starterBegun } from './entries/starter-begun';
import { example as starterMoved } from './entries/starter-moved';
import { example as tasted } from './entries/tasted';
import { example as undone } from './entries/undone';
import { project } from './fold';

const examples: readonly Entry[] = [
  batchBegun, bottled, bottlesMoved, burped, fed, gravityRead, kitchenWarmed, looked, opened, pitched, squeezed, starterBegun,
  starterMoved, tasted, undone,
]; // prettier-ignore

describe('every kind of entry', () => {
  test('has an example, and there is one for every kind', () => {
    const kinds = Entry.options.map((option) => option.shape.kind.value).sort();
    expect(examples.map(({ kind }) => kind).sort()).toEqual(kinds);
  });

  test.each(examples.map((example) => [example.kind, example] as const))(
    '%s parses, survives JSON, and is strict',
    (_, example) => {
      expect(parseEntry(JSON.parse(JSON.stringify(example)))).toEqual({ ok: true, value: example });
      expect(parseEntry({ ...example, extra: true })).toMatchObject({ code: 'entry.invalid' });
      expect(parseEntry({ ...example, version: 2 })).toMatchObject({ code: 'entry.newer' });
      expect(parseEntry({ ...example, at: 5 })).toMatchObject({ code: 'entry.invalid' });
      expect(parseEntry({ ...example, id: '../../etc' })).toMatchObject({ code: 'entry.invalid' });
      for (const key of Object.keys(example)) {
        const lacking: Record<string, unknown> = { ...example };
        delete lacking[key];
        expect(parseEntry(lacking)).toMatchObject({ code: 'entry.invalid' });
      }
    },
  );

  test('about things unknown they change nothing', () => {
    const household = project(
      examples.filter(({ kind }) => !['starter-begun', 'batch-begun', 'kitchen-warmed'].includes(kind)),
    );
    expect(household).toEqual({ warmth: [], starters: {}, batches: {} });
  });

  test('whatever JSON comes, parsing answers and never throws', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...examples), fc.string(), (junk, example, key) => {
        expect(typeof parseEntry(junk).ok).toBe('boolean');
        const bent = parseEntry({ ...example, [key]: junk });
        if (!bent.ok) expect(bent.sentence).toMatch(/\S/);
      }),
      { seed: 51, numRuns: 300 },
    );
  });
});
