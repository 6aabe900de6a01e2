import { demoHousehold } from '../../demo/household';
import { bottleGroups } from '../forecast/batch-scenario';
import { project } from '../journal/fold';
import { agenda, kitchenCelsius, type ForecastSpans } from './agenda';

const now = Date.UTC(2026, 4, 4, 18);
const hour = 3_600_000;
const household = project(demoHousehold(now, 0));
const soon = {
  from: now - hour,
  until: now + 30 * hour,
  fromSoftHours: 2,
  untilSoftHours: 2,
  because: 'the limit is near.',
};
const spans: ForecastSpans = { chill: () => soon, bottle: () => ({ ...soon, until: now + 3 * hour }) };

describe('what is next', () => {
  test('pressure first, then by closing time', () => {
    const actions = agenda(household, bottleGroups, spans, now);
    expect(actions[0]!.kind).toBe('chill');
    const rest = actions.slice(1).map(({ until }) => until);
    expect(rest).toEqual([...rest].sort((a, b) => a - b));
    expect(new Set(actions.map(({ kind }) => kind))).toEqual(
      new Set(['chill', 'feed', 'pitch', 'bottle', 'open']),
    );
    expect(kitchenCelsius(household, now)).toBe(22.5);
  });

  test('without a forecast yet, nothing is invented', () => {
    const actions = agenda(household, bottleGroups, { chill: () => null, bottle: () => null }, now);
    expect(actions.some(({ kind }) => kind === 'chill' || kind === 'bottle')).toBe(false);
  });
});
