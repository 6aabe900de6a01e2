import { project } from '@/core/journal/fold';
import { Diary } from '@/demo/diary';
import { brewForm, suggestedDose, type BrewInput } from '../brews/brew-form';
import { bottlingDefaults, bottlingForm, fillLine } from '../brews/bottling-form';
import { massField, numberField, volumeField } from './measure-field';
import { duration, inWords, moment, plural, quarter } from './words';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const diary = new Diary(now, 0);
const bugId = diary.ago(200, {
  kind: 'starter-begun',
  name: 'Ada',
  culture: 'ginger-bug',
  jarMl: 1000,
  waterMl: 600,
  gingerGrams: 30,
  sugarGrams: 30,
});
const batchId = diary.ago(30, {
  kind: 'batch-begun',
  name: 'Sloe',
  starterId: bugId,
  waterMl: 1700,
  sugarGrams: 160,
  gingerGrams: 50,
  doseMl: 160,
  wantedVolumes: 2.5,
});
const { starters, batches } = project(diary.entries);
const bug = starters[bugId]!;
const batch = batches[batchId]!;

describe('fields', () => {
  const message = (schema: ReturnType<typeof massField>, text: string) =>
    schema.safeParse(text).error?.issues[0]?.message;

  test('take amounts as typed, or say what is wrong', () => {
    expect(massField('sugar', 1, 500).parse('2 tbsp')).toBeCloseTo(25.5, 6);
    expect(volumeField(10, 5000).parse('2,5 dl')).toBe(250);
    expect(numberField(0, 100, '°C').parse('24,5')).toBe(24.5);
    expect(message(massField('sugar', 1, 500), '2 kg')).toMatch(/At most 500 g/);
    expect(message(numberField(0, 100, '°C'), '')).toBe('Write a number in °C.');
    expect(message(volumeField(10, 5000), 'lots')).toMatch(/not an amount/);
  });
});

describe('the brew form', () => {
  const typed = (change: Partial<BrewInput>): BrewInput => ({
    name: 'Sloe', starterId: bugId, by: 'litres', volume: '2 L', count: '4', size: '500 ml', sugar: '160 g', ginger: '60 g', dose: '160 ml', volumes: '2.5', ...change,
  }); // prettier-ignore
  const fault = (change: Partial<BrewInput>) => {
    const issue = brewForm([bug]).safeParse(typed(change)).error?.issues[0];
    return issue && `${issue.path.join('.')}: ${issue.message}`;
  };

  test('all three ways of saying how much agree', () => {
    const plan = (change: Partial<BrewInput>) => brewForm([bug]).parse(typed(change)).plan;
    const litres = plan({});
    expect(litres.account.batchMl).toBeCloseTo(2000, 0);
    expect(plan({ by: 'bottles', count: '4', size: '520 ml' }).account.batchMl).toBeCloseTo(2000, 0);
    expect(plan({ by: 'water', volume: `${litres.waterMl} ml` }).account.batchMl).toBeCloseTo(2000, 0);
  });

  test('a fault is said at its field', () => {
    expect(fault({ dose: '900 ml' })).toMatch(/^dose: At most \d+ ml/);
    expect(fault({ by: 'bottles', count: '2.5' })).toMatch(/^count: A whole number/);
    expect(fault({ volume: '1 ml' })).toMatch(/^volume: Between/);
    expect(fault({ sugar: '3 kg' })).toMatch(/^sugar: /);
    expect(fault({ volumes: '9' })).toMatch(/^volumes: At most 5/);
    expect(fault({ name: '  ' })).toMatch(/^name: /);
    expect(fault({ starterId: 'gone' })).toMatch(/^dose: Choose/);
    expect(suggestedDose(2000, bug)).toBe('160 ml');
  });
});

describe('the bottling form', () => {
  const bottle = (change: object) => bottlingForm(batch).safeParse({ ...bottlingDefaults(batch), ...change });

  test('starts from what fits, and refuses what does not', () => {
    expect(bottle({}).data).toEqual({
      vessel: 'swing-top',
      count: 4,
      bottleMl: 500,
      headspaceMl: 20,
      primingGramsPerLitre: 0,
    });
    const fault = (change: object) => bottle(change).error?.issues[0]?.message;
    expect(fault({ count: '12' })).toMatch(/liquid for 4/);
    expect(fault({ headspace: '0 ml' })).toMatch(/at least 1 %/);
    expect(fault({ headspace: '300 ml' })).toMatch(/two fifths/);
    expect(fillLine(bottlingDefaults(batch), batch)).toMatch(/fills 4 of these.*could make \d+ volumes/);
  });
});

describe('words', () => {
  test('moments and waits as people say them', () => {
    const at = (days: number, hours: number) => new Date(2026, 4, 4 + days, hours, 0).getTime();
    expect([at(0, 21), at(1, 9), at(-1, 23), at(3, 14), at(9, 8)].map((each) => moment(each, now))).toEqual([
      '21:00',
      'tomorrow 9:00',
      'yesterday 23:00',
      'Thu 14:00',
      '13 May 8:00',
    ]);
    expect([0.4, 5, 70].map(duration)).toEqual(['24 min', '5 h', '3 days']);
    expect([plural(1, 'bottle'), plural(2, 'bottle'), inWords(3), inWords(40)]).toEqual([
      '1 bottle',
      '2 bottles',
      'Three',
      '40',
    ]);
    expect(new Date(quarter(now)).getMinutes()).toBe(15);
  });
});
