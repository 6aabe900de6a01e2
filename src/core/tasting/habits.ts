import { noHabits, type Habits } from '../forecast/question/habits';
import { rootOf } from '../forecast/question/family-members';
import { everyLot, lotOf, type Household } from '../journal/household';
import { usualAbsence } from '../kitchen/absence';
import { peopleOf } from '../settings/person';
import { wakingOf } from '../settings/waking-hours';
import { workingOf } from '../settings/working-hours';
import type { Lot } from '../lots/lot';
import { levelOf, ownLiking, palateOf, palatesOf } from './palate';
import { tastingsOf } from './tastings';

const known = new WeakMap<
  Household['lots'],
  { readonly settings: Household['settings']; readonly habits: Habits }
>();

/**
 * What a household likes and does, worked out once for as long as nothing is written.
 *
 * @returns likings to the next five grams and tenth of a share, so that a sip does not ask every forecast anew
 */
export function habitsOf(household: Household): Habits {
  const before = known.get(household.lots);
  if (before?.settings === household.settings) return before.habits;
  const lots = everyLot(household);
  const acts = lots.flatMap(({ events }) => events.map(({ at }) => at));
  const latest = acts.reduce((last, at) => Math.max(last, at), 0);
  const habits = {
    liked: likedBy(lots, household),
    neverFeels: neverFeels(lots, household),
    absence: { ...usualAbsence(acts, wakingOf(household), latest), ...saidAbsence(household) },
  };
  known.set(household.lots, { settings: household.settings, habits });
  return habits;
}

/** The hours it says that it is at work. */
function saidAbsence(household: Household): Pick<Habits['absence'], 'said'> {
  const { weekdays, from, to } = workingOf(household);
  return weekdays.length > 0 && to > from ? { said: { days: weekdays, span: [from, to] } } : {};
}

/**
 * The sweetness that its people like, all alike; who does not say who sips is one of them. A sip that only tells how far a jar is
 * says nothing of what is liked.
 */
function likedBy(lots: readonly Lot[], household: Household): Habits['liked'] {
  const sips = lots.flatMap(tastingsOf).filter(({ scores }) => scores.liking !== undefined);
  const latest = sips.reduce((last, { at }) => Math.max(last, at), 0);
  const people = peopleOf(household).map(({ name }) => name);
  const unnamed = palateOf(
    '',
    sips.filter(({ by }) => by === ''),
    latest,
  );
  const likings = [...palatesOf(sips, people, latest), unnamed].flatMap(
    ({ likes }) => ownLiking('sweet', likes.sweet) ?? [],
  );
  if (likings.length === 0) return noHabits.liked;
  const mean = (of: (each: (typeof likings)[number]) => number) =>
    likings.reduce((sum, each) => sum + of(each), 0) / likings.length;
  return {
    sweetness:
      Math.round(
        levelOf(
          'sweet',
          mean(({ step }) => step),
        ) / 5,
      ) * 5,
    share: Math.round(10 * mean(({ share }) => share)) / 10,
  };
}

/** Batches after which silence is taken for a habit. */
const enoughBatches = 3;
const ofPressure: readonly string[] = ['squeeze', 'hiss', 'gaugeBar'];

/** Whether none of its newest finished batches of bottles was felt before it was opened, nor any that is under way. */
function neverFeels(lots: readonly Lot[], household: Household): boolean {
  const batches = new Map<string, { readonly begunAt: number; felt: boolean; over: boolean }>();
  for (const lot of lots) {
    if (lot.role !== 'bottle') continue;
    const root = rootOf(lot, (id) => lotOf(household, id));
    const batch = batches.get(root.id) ?? { begunAt: root.begunAt, felt: false, over: true };
    batches.set(root.id, {
      ...batch,
      felt: batch.felt || wasFelt(lot),
      over: batch.over && (lot.opened !== null || lot.ended !== null),
    });
  }
  const newest = [...batches.values()].sort((a, b) => b.begunAt - a.begunAt);
  const over = newest.filter((batch) => batch.over).slice(0, enoughBatches);
  return (
    over.length === enoughBatches &&
    newest.every(({ felt, begunAt }) => !felt || begunAt < over.at(-1)!.begunAt)
  );
}

/** Felt, heard or read while it was closed: how it opened is no look. */
const wasFelt = ({ events, opened }: Lot): boolean =>
  events.some(
    (event) =>
      event.kind === 'read' &&
      event.entryId !== opened?.entryId &&
      event.readings.some(({ kind }) => ofPressure.includes(kind)),
  );
