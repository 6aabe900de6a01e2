import type { BatchAnswer, BatchAsk } from '../core/forecast/batch-answer';

/** Whoever computes: the worker in the app, the core itself in a test. */
export type Answerer = (ask: BatchAsk) => Promise<BatchAnswer>;

interface Place {
  key: string;
  wanted: { key: string; ask: BatchAsk } | null;
  answer: BatchAnswer | null;
  failed: boolean;
}

/**
 * A desk that takes questions by subject (a batch, a group of bottles). The newest question of a subject wins: an older one
 * still waiting is dropped, and one under way is answered to nobody. Meanwhile the old answer stays on view.
 */
export class ForecastDesk {
  private readonly places = new Map<string, Place>();
  private readonly queue: string[] = [];
  private readonly listeners = new Set<() => void>();
  private busy = false;
  private version = 0;

  constructor(private readonly answerer: Answerer) {}

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Rises with every new answer. */
  snapshot = (): number => this.version;

  /** The newest answer known for a subject, whatever it was asked. */
  answerFor(subject: string): BatchAnswer | null {
    return this.places.get(subject)?.answer ?? null;
  }

  /** Whether the last question of a subject could not be computed. */
  hasFailed(subject: string): boolean {
    return this.places.get(subject)?.failed ?? false;
  }

  /** Asks, unless the same was asked last. */
  ask(subject: string, ask: BatchAsk): void {
    const key = JSON.stringify(ask);
    const place = this.places.get(subject) ?? { key: '', wanted: null, answer: null, failed: false };
    if (place.key === key) return;
    place.key = key;
    if (!place.wanted) this.queue.push(subject);
    place.wanted = { key, ask };
    this.places.set(subject, place);
    void this.work();
  }

  private async work(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    for (let subject = this.queue.shift(); subject !== undefined; subject = this.queue.shift()) {
      const place = this.places.get(subject)!;
      const { wanted } = place;
      place.wanted = null;
      if (!wanted) continue;
      try {
        const answer = await this.answerer(wanted.ask);
        if (place.key !== wanted.key) continue;
        place.answer = answer;
        place.failed = false;
      } catch {
        place.failed = place.key === wanted.key;
      }
      this.version += 1;
      for (const listener of this.listeners) listener();
    }
    this.busy = false;
  }
}
