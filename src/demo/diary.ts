import { versionOf, type Act, type Entry } from '../core/journal/entry';
import { nextId, type IdClock } from '../core/journal/instant-id';
import { hourMs } from '@/core/duration';

/** Writes entries of the past relative to an instant, each when it happened, in whatever order they are told. */
export class Diary {
  readonly entries: Entry[] = [];
  private readonly clocks = new Map<number, IdClock>();

  constructor(
    private readonly now: number,
    private readonly offset: number,
  ) {}

  /** Writes an act that happened so many hours ago. @returns the entry's id */
  ago(hours: number, act: Act): string {
    const at = Math.round(this.now - hours * hourMs);
    const { id, clock } = nextId(this.clocks.get(at) ?? { ms: 0, count: 0 }, at, 'demo');
    this.clocks.set(at, clock);
    this.entries.push({ ...act, id, at, offset: this.offset, version: versionOf(act.kind) } as Entry);
    return id;
  }
}
