import { tasteKinds, type Lot, type TasteKind } from '../lots/lot';

/** One sip: scores of 1–5, by whom, when. */
export interface Tasting {
  readonly lotId: string;
  readonly at: number;
  /** Who sipped; empty for whoever writes. */
  readonly by: string;
  readonly scores: Readonly<Partial<Record<TasteKind, number>>>;
}

const isTaste = (kind: string): kind is TasteKind => (tasteKinds as readonly string[]).includes(kind);

/** Every sip of a lot, in order. */
export const tastingsOf = (lot: Lot): Tasting[] =>
  lot.events.flatMap((event): Tasting[] => {
    if (event.kind !== 'read') return [];
    const scores: Partial<Record<TasteKind, number>> = {};
    for (const { kind, value } of event.readings)
      if (isTaste(kind) && typeof value === 'number') scores[kind] = value;
    return Object.keys(scores).length > 0
      ? [{ lotId: lot.id, at: event.at, by: event.by ?? '', scores }]
      : [];
  });

/** Mean of a score over sips, and how many there are; null without any. */
export function meanScore(
  tastings: readonly Tasting[],
  kind: TasteKind,
): { readonly mean: number; readonly n: number } | null {
  const scores = tastings.flatMap(({ scores: each }) => each[kind] ?? []);
  return scores.length > 0
    ? { mean: scores.reduce((sum, score) => sum + score, 0) / scores.length, n: scores.length }
    : null;
}
