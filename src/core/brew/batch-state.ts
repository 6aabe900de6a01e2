import type { Reading } from '../ferment/scenario';
import type { VesselId } from '../gas/vessels';
import type { SugarAccount } from './sugar-account';

export type Place = 'counter' | 'fridge';

/** One bottle as the journal tells it. Instants are ms since 1970. */
export interface BottleState {
  readonly id: string;
  readonly number: number;
  readonly batchId: string;
  readonly vessel: VesselId;
  readonly bottleMl: number;
  readonly headspaceMl: number;
  readonly sealedAt: number;
  readonly place: Place;
  readonly moves: readonly { readonly at: number; readonly place: Place }[];
  readonly burps: readonly number[];
  readonly squeezes: readonly { readonly at: number; readonly feel: 'soft' | 'gives' | 'firm' | 'rock' }[];
  readonly opened: {
    readonly at: number;
    readonly opening: 'still' | 'gentle' | 'lively' | 'gusher';
    readonly sweet: number;
    readonly sour: number;
    readonly note: string;
  } | null;
}

/** A reading with the instant it was taken. */
export interface DatedReading {
  readonly at: number;
  readonly kind: Reading['kind'];
  readonly value: Reading['value'];
}

export type BatchStage = 'mixed' | 'first-ferment' | 'bottled' | 'finished';

/** One batch as the journal tells it. */
export interface BatchState {
  readonly id: string;
  readonly name: string;
  readonly starterId: string;
  readonly begunAt: number;
  readonly stage: BatchStage;
  readonly gingerGrams: number;
  readonly sugarGrams: number;
  readonly waterMl: number;
  readonly doseMl: number;
  readonly account: SugarAccount;
  readonly wantedVolumes: number;
  readonly pitchedAt: number | null;
  readonly pitchedCelsius: number | null;
  /** Liveliness share of the starter when drawn, 0–1. */
  readonly doseLiveliness: number;
  readonly bottledAt: number | null;
  readonly primingGramsPerLitre: number;
  readonly readings: readonly DatedReading[];
  readonly bottles: readonly BottleState[];
  readonly ledger: readonly { readonly entryId: string; readonly at: number; readonly what: string }[];
}
