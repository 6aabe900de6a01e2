import type { BatchState, BottleState, DatedReading } from '../brew/batch-state';
import { sugarAccount } from '../brew/sugar-account';
import { vesselKind } from '../gas/vessels';
import type { Entry } from './entry';

type Of<K extends Entry['kind']> = Extract<Entry, { kind: K }>;

const written = (state: BatchState, entry: Entry, what: string): BatchState => ({
  ...state,
  ledger: [...state.ledger, { entryId: entry.id, at: entry.at, what }],
});

const withReadings = (state: BatchState, ...readings: DatedReading[]): BatchState => ({
  ...state,
  readings: [...state.readings, ...readings],
});

export function beginBatch(entry: Of<'batch-begun'>): BatchState {
  const state: BatchState = {
    id: entry.id,
    name: entry.name,
    starterId: entry.starterId,
    begunAt: entry.at,
    stage: 'mixed',
    gingerGrams: entry.gingerGrams,
    sugarGrams: entry.sugarGrams,
    waterMl: entry.waterMl,
    doseMl: entry.doseMl,
    account: sugarAccount(entry),
    wantedVolumes: entry.wantedVolumes,
    pitchedAt: null,
    pitchedCelsius: null,
    doseLiveliness: 1,
    bottledAt: null,
    primingGramsPerLitre: 0,
    readings: [],
    bottles: [],
    ledger: [],
  };
  return written(
    state,
    entry,
    `Mixed: ${Math.round(entry.waterMl)} ml water, ${entry.sugarGrams} g sugar, ${entry.gingerGrams} g ginger`,
  );
}

export function pitchBatch(state: BatchState, entry: Of<'pitched'>, doseLiveliness: number): BatchState {
  if (state.pitchedAt !== null) return state;
  const account = sugarAccount({ ...state, doseMl: entry.doseMl });
  const pitched: BatchState = {
    ...state, account, doseMl: entry.doseMl, doseLiveliness, stage: 'first-ferment', pitchedAt: entry.at,
    pitchedCelsius: entry.celsius,
  }; // prettier-ignore
  return written(pitched, entry, `Pitched ${entry.doseMl} ml at ${entry.celsius} °C`);
}

export const readGravity = (state: BatchState, entry: Of<'gravity-read'>): BatchState =>
  written(
    withReadings(state, { at: entry.at, kind: 'sg', value: entry.gravity }),
    entry,
    `Gravity ${entry.gravity.toFixed(3)}`,
  );

export const tasteBatch = (state: BatchState, entry: Of<'tasted'>): BatchState =>
  written(
    withReadings(
      state,
      { at: entry.at, kind: 'sweet', value: entry.sweet },
      { at: entry.at, kind: 'sour', value: entry.sour },
    ),
    entry,
    `Tasted: sweet ${entry.sweet} of 5, sour ${entry.sour} of 5`,
  );

export function bottleBatch(state: BatchState, entry: Of<'bottled'>): BatchState {
  if (state.pitchedAt === null || state.bottledAt !== null) return state;
  const bottles = Array.from({ length: entry.count }, (_, index): BottleState => ({
    id: `${entry.id}-${index + 1}`,
    number: index + 1,
    batchId: state.id,
    vessel: entry.vessel,
    bottleMl: entry.bottleMl,
    headspaceMl: entry.headspaceMl,
    sealedAt: entry.at,
    place: 'counter',
    moves: [],
    burps: [],
    squeezes: [],
    opened: null,
  }));
  const primed = entry.primingGramsPerLitre > 0 ? `, primed ${entry.primingGramsPerLitre} g/L` : '';
  const what = `Bottled ${entry.count} × ${entry.bottleMl} ml, ${vesselKind(entry.vessel).name.toLowerCase()}${primed}`;
  const { primingGramsPerLitre } = entry;
  return written(
    { ...state, stage: 'bottled', bottledAt: entry.at, primingGramsPerLitre, bottles },
    entry,
    what,
  );
}

/** Changes the bottles named, and says so in the ledger. */
export function changeBottles(
  state: BatchState,
  ids: readonly string[],
  entry: Entry,
  what: string,
  change: (bottle: BottleState) => BottleState,
): BatchState {
  // prettier-ignore
  const touched = state.bottles.filter((bottle) => ids.includes(bottle.id));
  if (touched.length === 0) return state;
  const bottles = state.bottles.map((bottle) => (ids.includes(bottle.id) ? change(bottle) : bottle));
  const stage = bottles.every((bottle) => bottle.opened) ? 'finished' : 'bottled';
  const numbers = touched.map((bottle) => bottle.number).join(', ');
  return written({ ...state, bottles, stage }, entry, `${what}: bottle ${numbers}`);
}
