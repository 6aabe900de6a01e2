import { awayOf } from '../../settings/away';
import { buildUpsOf } from '../../settings/build-up';
import { wakingOf } from '../../settings/waking-hours';
import { celsiusAt, type PlaceId } from '../../kitchen/places';
import { lastAt } from '../../lots/lineage';
import type { Lot } from '../../lots/lot';
import { careWhileAway } from '../../starter/away';
import { planBuildUp } from '../../starter/build-up';
import { keptCulture, usualFeed } from '../../starter/feed-plan';
import { renewalOf } from '../../starter/renewal';
import { type Task, type TaskAsk } from '../task';
import { hourMs } from '../../duration';

/** What plans ask for: feeds that build a jar up for a time, rest before an absence, waking after it. */
export const plannedTasks = (ask: TaskAsk): readonly Task[] => [...buildUpTasks(ask), ...awayTasks(ask)];

function buildUpTasks({ household, living, now }: TaskAsk): Task[] {
  return buildUpsOf(household).flatMap((plan): Task[] => {
    const lot = living.find(({ id }) => id === plan.lotId);
    if (!lot || plan.at < now) return [];
    const celsius = celsiusAt(household.warmths, standsAt(lot), now);
    const result = planBuildUp(lot, { ...plan, now, celsius, waking: wakingOf(household) });
    const feed = result.ok ? result.value.feeds[0] : undefined;
    const fedAt = lastAt(lot, ({ kind }) => kind === 'added');
    // A feed given within the last hours was this one.
    if (!feed || now - fedAt < 5 * hourMs) return [];
    return [
      {
        id: `build-${lot.id}`,
        verb: 'feed',
        lots: [lot],
        portions: feed.portions,
        from: feed.at - 2 * hourMs,
        until: feed.at + 2 * hourMs,
        fromSoftHours: 1,
        untilSoftHours: 2,
        reason: 'build-up',
      },
    ];
  });
}

/** Where a jar stands when it is not asleep. */
const standsAt = ({ place }: Lot): PlaceId => (place === 'fridge' ? 'counter' : place);

/** How long after coming home waking still counts as a task of the absence. */
const homeMs = 3 * 24 * hourMs;

function awayTasks({ household, living, now }: TaskAsk): Task[] {
  const away = awayOf(household);
  if (!away || now > away.to + homeMs) return [];
  return living.flatMap((lot): Task[] => {
    const care =
      keptCulture(lot) && careWhileAway(lot, away, celsiusAt(household.warmths, standsAt(lot), away.from));
    if (!care || usualFeed(lot).length === 0) return [];
    const soft = { fromSoftHours: 3, untilSoftHours: 3, lots: [lot] };
    const portions = renewalOf(lot)?.portions ?? usualFeed(lot);
    if (now < away.from && care.how !== 'rests-on') {
      const verb = care.how === 'rests' ? 'rest' : 'feed';
      return [
        {
          ...soft,
          id: `away-${lot.id}`,
          verb,
          portions,
          from: care.feedFrom,
          until: care.feedUntil,
          reason: 'away',
        },
      ];
    }
    if (now >= away.from && lot.place === 'fridge') {
      const until = away.to + 12 * hourMs;
      return [
        { ...soft, id: `home-${lot.id}`, verb: 'wake', portions, from: away.to, until, reason: 'home' },
      ];
    }
    return [];
  });
}
