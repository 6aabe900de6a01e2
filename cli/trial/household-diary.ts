import { todayOf, type Today } from '../today/today.ts';
import { writeActs } from '../today/write-acts.ts';
import { emptyJournal, type Journal } from '../../src/core/journal/journal.ts';

/** What a household writes down, and what Today says of it. */
export class Diary {
  private journal: Journal = emptyJournal;
  /** How often Today was asked. */
  asked = 0;

  today(now: number): Today {
    this.asked += 1;
    return todayOf(this.journal.household, now);
  }

  /**
   * @returns the ids of what was written
   * @throws Error when an act that Today asked for is refused
   */
  write(now: number, ...acts: readonly object[]): string[] {
    const writing = writeActs(
      this.journal,
      acts.map((act, i) => ({ at: now + i, ...act })),
    );
    if (!writing.ok) throw new Error(writing.problems.join('\n'));
    this.journal = writing.journal;
    return writing.entries.map(({ id }) => id);
  }
}
