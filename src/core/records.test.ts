import { z } from 'zod';
import { example as method, MethodRecord } from './lots/records/method';
import { example as newLot, NewLotRecord } from './lots/records/new-lot';
import { example as snapshot, RecipeSnapshotRecord } from './lots/records/recipe-snapshot';
import { example as portion, PortionRecord } from './matter/records/portion';
import { example as recipe, RecipeRecord } from './settings/recipe';
import { example as vessel, VesselRecord } from './vessels/records/vessel';

/** What the journal's entries and files are made of: each with the one schema its type comes from, and an example. */
const records: readonly (readonly [name: string, schema: z.ZodType, example: object])[] = [
  ['portion', PortionRecord, portion],
  ['vessel', VesselRecord, vessel],
  ['method', MethodRecord, method],
  ['recipe snapshot', RecipeSnapshotRecord, snapshot],
  ['new lot', NewLotRecord, newLot],
  ['recipe', RecipeRecord, recipe],
];

test.each(records)('the example of a %s is one, and comes back as it went in', (_, schema, example) => {
  expect(schema.parse(JSON.parse(JSON.stringify(example)))).toEqual(example);
});

test.each(records)('a %s with a field too many is none', (_, schema, example) => {
  expect(schema.safeParse({ ...example, surprise: 1 }).success).toBe(false);
});

test.each(records)('a %s of which any field is of another type is none', (_, schema, example) => {
  for (const key of Object.keys(example))
    expect([key, schema.safeParse({ ...example, [key]: { odd: true } }).success]).toEqual([key, false]);
});

test('a portion is of grams or of millilitres, never of both or none', () => {
  const of = (amounts: object) => PortionRecord.safeParse({ what: 'ginger', ...amounts }).success;
  expect([{}, { grams: 1 }, { ml: 1 }, { grams: 1, ml: 1 }].map(of)).toEqual([false, true, true, false]);
});
