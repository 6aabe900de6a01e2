import storyFile from '../../fixtures/story.v2.json';
import storyThen from '../../fixtures/story.v2.household.json';
import { readBackup } from '../../../formats/read-backup';
import { writeBackup } from '../../../formats/write-backup';
import { recipeVersions } from '../../../recipes/recipe-versions';
import { ceilingOf } from '../../../settings/alcohol-ceiling';
import { awayOf } from '../../../settings/away';
import { buildUpsOf } from '../../../settings/build-up';
import { cautionOf } from '../../../settings/caution';
import { ownIngredientsOf } from '../../../settings/own-ingredient';
import { peopleOf } from '../../../settings/person';
import { pricesOf } from '../../../settings/price';
import { spellsOf } from '../../../settings/spell';
import { stockOf } from '../../../settings/stock';
import { timersOf } from '../../../settings/timer';
import { wakingOf } from '../../../settings/waking-hours';
import { told } from '../../entries.test-tool';
import { entryKinds, parseEntry, versionOf } from '../../entry';
import { journalOf } from '../../journal';
import { example } from './schema';

const later = Date.UTC(2026, 5, 1);
const read = readBackup(JSON.stringify(storyFile));
const entries = read.ok ? read.value : [];
const journal = journalOf(entries, later);

describe('a journal of the second version, every kind of entry and every thing in it', () => {
  test('comes in whole, every entry of the version in force', () => {
    expect(entries.map(({ id, at }) => [id, at])).toEqual(storyFile.entries.map(({ id, at }) => [id, at]));
    expect(entries.every(({ kind, version }) => version === versionOf(kind))).toBe(true);
    expect([...new Set(entries.map(({ kind }) => kind))].sort()).toEqual([...entryKinds].sort());
  });

  test('tells the same lots and temperatures', () => {
    const { lots, warmths } = told(journal);
    expect(JSON.parse(JSON.stringify({ lots, warmths }))).toEqual({
      lots: storyThen.lots,
      warmths: storyThen.warmths,
    });
  });

  test('tells the same people, hours, bottles, plans, spells, timers, choices, prices and recipes', () => {
    const { household } = journal;
    const then = storyThen.settings;
    expect(peopleOf(household)).toEqual(then.people);
    expect(stockOf(household)).toEqual(then.stock);
    expect(wakingOf(household)).toEqual(then.waking);
    expect(awayOf(household)).toEqual(then.away);
    expect(buildUpsOf(household)).toEqual(then.buildUps);
    expect(spellsOf(household)).toEqual(then.spells);
    expect(timersOf(household)).toEqual(then.timers);
    expect([cautionOf(household), ceilingOf(household)]).toEqual([then.caution, then.ceiling]);
    expect([ownIngredientsOf(household), pricesOf(household)]).toEqual([then.ingredients, then.prices]);
    const versions = recipeVersions(household);
    expect([versions.size, versions.get(then.recipe[0]!.id)]).toEqual([then.recipes, then.recipe]);
  });

  test('goes out in a file and comes back as it is', () => {
    const again = readBackup(writeBackup(entries, '2026-06-01T00:00:00Z'));
    expect(again.ok && again.value).toEqual(entries);
  });
});

const of2 = (thing: string, key: string, value: object | null) =>
  parseEntry({ ...example, version: 2, thing, key, value });

test.each([
  ['person', 'a', { name: 'Bo' }, 'person', 'a', { name: 'Bo', stopsAt: null }],
  ['person', 'a', { name: 'Bo', stopsAt: -3 }, 'person', 'a', { name: 'Bo', stopsAt: null }],
  ['person', 'a', null, 'person', 'a', null],
  ['recipe', 'x@1', { recipe: '{' }, 'recipe', 'x@1', null],
  ['recipe', 'x@1', { recipe: '{"id":"y"}' }, 'recipe', 'x@1', null],
  ['recipe', 'x@1', {}, 'recipe', 'x@1', null],
  ['plan', 'away', null, 'away', 'away', null],
  ['plan', 'build:b1', null, 'build-up', 'b1', null],
  ['hours', 'waking', { from: 5, to: 9 }, 'waking', 'waking', { from: 5, to: 9 }],
])('%s %s %j of version 2 is %s %s %j', (thing, key, value, nowThing, nowKey, nowValue) => {
  expect(of2(thing, key, value)).toMatchObject({
    ok: true,
    value: { version: 3, thing: nowThing, key: nowKey, value: nowValue },
  });
});

test('bottles of which little was said', () => {
  const since = Date.UTC(2024, 1, 1);
  const jar = { kind: 'jar', ml: 500, count: 2 };
  const read = (more: object) => {
    const entry = of2('stock', 'a', { ...jar, ...more });
    return entry.ok && entry.value.kind === 'kept' ? entry.value.value : null;
  };
  expect(read({})).toEqual({ ...jar, since: null, knocks: 0, markedBar: null });
  expect(read({ since: 'May', knocks: '3', markedBar: 0 })).toEqual({
    ...jar,
    since: null,
    knocks: 0,
    markedBar: null,
  });
  expect(read({ since, knocks: 2, markedBar: 3 })).toEqual({ ...jar, since, knocks: 2, markedBar: 3 });
});

test('what cannot be read as what it says is damage, and says where', () => {
  expect(of2('stock', 'a', { kind: 'vase', ml: 500, count: 1 })).toMatchObject({
    ok: false,
    params: { path: 'value.kind' },
  });
  expect(of2('choice', 'colour', { is: 'red' })).toMatchObject({ code: 'entry.invalid' });
  expect(parseEntry({ ...example, version: 2, thing: 7 })).toMatchObject({ code: 'entry.invalid' });
});
