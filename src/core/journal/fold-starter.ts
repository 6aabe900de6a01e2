import { feedRise, millilitresPerGramIn } from '../starter/ginger-bug';
import { livelinessOf, ripeHoursAt } from '../starter/liveliness';
import type { StarterState } from '../starter/starter-state';
import type { Entry } from './entry';
import { warmthAt, type WarmthStep } from './household';
import { fridgeCelsius } from '../forecast/what-if';

type Of<K extends Entry['kind']> = Extract<Entry, { kind: K }>;

const room = (e: { waterMl: number; gingerGrams: number; sugarGrams: number }) =>
  e.waterMl + e.gingerGrams * millilitresPerGramIn.ginger + e.sugarGrams * millilitresPerGramIn.sugar;

const written = (state: StarterState, entry: Entry, what: string): StarterState => ({
  ...state,
  ledger: [...state.ledger, { entryId: entry.id, at: entry.at, what, levelMl: state.levelMl }],
});

/** Where a starter stands, °C. */
export const starterCelsius = (state: StarterState, warmth: readonly WarmthStep[], at: number): number =>
  state.place === 'fridge' ? fridgeCelsius : warmthAt(warmth, at);

export function beginStarter(entry: Of<'starter-begun'>): StarterState {
  const level = room(entry);
  const state: StarterState = {
    id: entry.id,
    name: entry.name,
    jarMl: entry.jarMl,
    begunAt: entry.at,
    markMl: Math.round(level),
    levelMl: level,
    percent: {
      ginger: (entry.gingerGrams / entry.waterMl) * 100,
      sugar: (entry.sugarGrams / entry.waterMl) * 100,
    },
    lastFedAt: entry.at,
    lastFedGramsPerLitre: (entry.sugarGrams / level) * 1000,
    lastDrawnAt: null,
    place: 'counter',
    placedAt: entry.at,
    ripeHours: 0,
    lastSeen: null,
    feeds: 0,
    ledger: [],
  };
  return written(
    state,
    entry,
    `Begun with ${entry.waterMl} ml water, ${entry.gingerGrams} g ginger, ${entry.sugarGrams} g sugar`,
  );
}

export function feedStarter(state: StarterState, entry: Of<'fed'>): StarterState {
  const levelMl = Math.min(state.jarMl, state.levelMl + entry.waterMl + entry.gingerGrams * feedRise);
  const fed: StarterState = {
    ...state,
    levelMl,
    lastFedAt: entry.at,
    lastFedGramsPerLitre: (entry.sugarGrams / levelMl) * 1000,
    feeds: state.feeds + 1,
  };
  const water = entry.waterMl > 0 ? `, ${entry.waterMl} ml water` : '';
  return written(fed, entry, `Fed ${entry.gingerGrams} g ginger, ${entry.sugarGrams} g sugar${water}`);
}

export const lookAtStarter = (state: StarterState, entry: Of<'looked'>): StarterState =>
  written(
    { ...state, lastSeen: { at: entry.at, foam: entry.foam } },
    entry,
    `Looked: ${foamWords[entry.foam]}`,
  );

const foamWords = { none: 'no foam', some: 'some foam', good: 'good foam', riding: 'solids riding high' };

export function moveStarter(
  state: StarterState,
  entry: Of<'starter-moved'>,
  warmth: readonly WarmthStep[],
): StarterState {
  const ripeHours = ripeHoursAt(state, entry.at, starterCelsius(state, warmth, entry.at));
  const moved: StarterState = { ...state, place: entry.place, placedAt: entry.at, ripeHours };
  return written(
    moved,
    entry,
    entry.place === 'fridge' ? 'Put to rest in the fridge' : 'Woken on the counter',
  );
}

export function drawFromStarter(
  state: StarterState,
  entry: Entry,
  ml: number,
  what: string,
  warmth: readonly WarmthStep[],
): { state: StarterState; liveliness: number } {
  // prettier-ignore
  const liveliness = livelinessOf(state, entry.at, starterCelsius(state, warmth, entry.at)).share;
  const drawn: StarterState = { ...state, levelMl: Math.max(0, state.levelMl - ml), lastDrawnAt: entry.at };
  return { state: written(drawn, entry, what), liveliness };
}
