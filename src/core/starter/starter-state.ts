/** A starter as the journal tells it. Instants are milliseconds since 1970. */
export interface StarterState {
  readonly id: string;
  readonly name: string;
  readonly jarMl: number;
  readonly begunAt: number;
  /** Level when filled as begun: the mark to top up to, ml. */
  readonly markMl: number;
  readonly levelMl: number;
  readonly percent: { readonly ginger: number; readonly sugar: number };
  readonly lastFedAt: number;
  /** Sugar given at the last feed, g per litre in the jar. */
  readonly lastFedGramsPerLitre: number;
  readonly lastDrawnAt: number | null;
  readonly place: 'counter' | 'fridge';
  readonly placedAt: number;
  /** Hours of counter life since it was begun, at the pace of 22 °C. */
  readonly ripeHours: number;
  readonly lastSeen: { readonly at: number; readonly foam: 'none' | 'some' | 'good' | 'riding' } | null;
  readonly feeds: number;
  readonly ledger: readonly LedgerRow[];
}

/** One line of a starter's history. */
export interface LedgerRow {
  readonly entryId: string;
  readonly at: number;
  readonly what: string;
  readonly levelMl: number;
}
