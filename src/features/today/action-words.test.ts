import type { Action } from '@/core/today/agenda';
import { agenda } from '@/core/today/agenda';
import { bottleGroups } from '@/core/forecast/batch-scenario';
import { project } from '@/core/journal/fold';
import { demoHousehold } from '@/demo/household';
import { describe as say } from './action-words';
import { sayEntry } from './done-today';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const hour = 3_600_000;
const journal = demoHousehold(now, 60);
const household = project(journal);
const soon = (from: number, until: number) => ({
  from: now + from * hour,
  until: now + until * hour,
  fromSoftHours: 1,
  untilSoftHours: 2,
  because: 'at 22.5 °C the limit is near.',
});
const actions = (from: number, until: number) =>
  agenda(household, bottleGroups, { chill: () => soon(from, until), bottle: () => soon(from, until) }, now);
const words = (kind: Action['kind'], from = -1, until = 4) =>
  say(
    actions(from, until).find((action) => action.kind === kind)!,
    now,
  );

describe('a card says: do this, from–until, because', () => {
  test('chilling before, within and after its window', () => {
    expect(words('chill', 2, 6).title).toBe('Plum and bay: chill between 20:15 and tomorrow 0:15');
    expect(words('chill').title).toBe('Plum and bay: chill by 22:15');
    expect(words('chill', -9, -1).title).toBe('Plum and bay: chill now, where they stand');
    expect(words('chill')).toMatchObject({
      over: 'Pressure watch, 3 bottles',
      because: 'At 22.5 °C the limit is near.',
      span: 'Good from 17:15 until 22:15.',
    });
  });

  test('feeding says the amounts', () =>
    expect(words('feed').title).toMatch(/^Feed \d+ g ginger, \d+ g sugar/));

  test('pitching, tasting and opening', () => {
    expect(words('pitch').title).toBe('Pitch 80 ml into Beetroot and juniper');
    expect(words('bottle').title).toBe('Taste Rhubarb and sage; bottle it if you like it');
    expect(words('bottle', 3, 9).title).toBe('Taste Rhubarb and sage from 21:15');
    expect(words('open').title).toBe('Open Pear and fennel');
  });
});

describe('an entry in words', () => {
  test('every entry that stands for something can be said', () => {
    for (const entry of journal) expect(sayEntry(entry, household)).not.toMatch(/no longer here/);
    expect(sayEntry(journal.at(-1)!, household)).toMatch(/^Beetroot and juniper: Mixed/);
    expect(sayEntry(journal.at(-1)!, project([]))).toBe('An entry about something no longer here');
  });
});
