import type { Lot } from '@/core/lots/lot';

/** Lots that one answer speaks of: a brew with its bottles, or a starter. */
export type Families = ReadonlyMap<string, readonly Lot[]>;

const alike = (a: readonly Lot[], b: readonly Lot[]): boolean =>
  a.length === b.length && a.every((lot, i) => lot === b[i]);

/**
 * Which answers are older than what was done last. An answer is fresh for the lots it was worked out from; an act changes a lot,
 * and until the next answer is there the old one gives no orders.
 */
export class Freshness {
  private readonly answered = new Map<string, { readonly answer: unknown; readonly lots: readonly Lot[] }>();

  /** Whether the answer on view was worked out before the lots became what they are. */
  isStale(subject: string, answer: unknown, lots: readonly Lot[]): boolean {
    const seen = this.answered.get(subject);
    return answer !== null && seen !== undefined && seen.answer === answer && !alike(seen.lots, lots);
  }

  /**
   * Takes note of the answers on view.
   *
   * @param isPending whether a newer answer is awaited
   * @returns whether something became fresh by it
   */
  note(
    families: Families,
    answerOf: (subject: string) => unknown,
    isPending: (subject: string) => boolean,
  ): boolean {
    let changed = false;
    for (const [subject, lots] of families) {
      if (isPending(subject)) continue;
      const answer = answerOf(subject);
      const seen = this.answered.get(subject);
      if (seen && seen.answer === answer && alike(seen.lots, lots)) continue;
      this.answered.set(subject, { answer, lots });
      changed ||= seen !== undefined;
    }
    return changed;
  }
}
