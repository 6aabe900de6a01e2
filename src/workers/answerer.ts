import type { FillingAsk, FillingOutcome } from '../core/forecast/advice/fillings';
import type { BottledThen, ChilledThen } from '../core/forecast/answer/courses';
import type { FamilyAnswer } from '../core/forecast/answer/family-answer';
import type { JarNow } from '../core/forecast/answer/jar-now';
import type { HeldAnswer, SupposedAnswer } from '../core/forecast/answer/run-store';
import type { SupposeAsk } from '../core/forecast/answer/suppose';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import type { StarterQuestion } from '../core/forecast/question/starter-question';
import type { StarterAnswer } from '../core/forecast/starter/starter-answer';

/** What becomes of a run that was let go: null, and its family is to be asked again. */
type OfRun<T> = Promise<T | null>;

/** Whoever computes and holds runs: the worker in the app, a store of the core in a test. */
export interface Answerer {
  /** Brings it up ahead of the first question. */
  wake(): void;
  family(question: FamilyQuestion): Promise<FamilyAnswer>;
  /**
   * An answer whose runs are held.
   *
   * @param id under which they are held: the same for the same question
   * @param keep the lot whose run is held in any case
   */
  hold(id: string, question: FamilyQuestion, keep: string): Promise<HeldAnswer>;
  /** The same where nobody waits for it: it takes longer, and holds up nothing else. */
  refine(id: string, question: FamilyQuestion, keep: string): Promise<HeldAnswer>;
  starter(question: StarterQuestion): Promise<StarterAnswer>;
  suppose(runId: string, ask: SupposeAsk): OfRun<SupposedAnswer>;
  chills(
    runId: string,
    hours: readonly number[],
    limitBar: number,
    untilHour: number,
  ): OfRun<readonly ChilledThen[]>;
  bottlings(runId: string, hours: readonly number[], wantedVolumes: number): OfRun<readonly BottledThen[]>;
  fillings(runId: string, ask: FillingAsk): OfRun<readonly FillingOutcome[]>;
  jar(runId: string, hour: number): OfRun<JarNow>;
}
