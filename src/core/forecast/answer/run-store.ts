import type { Stepper } from '../../ferment/run/stepper';
import { jarNow, type JarNow } from './jar-now';
import { bottleTable, chillTable, type BottledThen, type ChilledThen } from './courses';
import { answerFamily, type FamilyAnswer, type LotAnswer } from './family-answer';
import { fillingOutcomes, type FillingAsk, type FillingOutcome } from '../advice/fillings';
import type { FamilyQuestion } from '../question/family-question';
import { bytesOf, familiesHeld, mostBytes, type StoredRun } from '../run/stored-run';
import { suppose, type SupposeAsk } from './suppose';

/** What a page knows of a run: its id, to ask more of it, and what it shows of it. */
export interface RunInfo {
  readonly id: string;
  /** Kitchens that were followed. */
  readonly kitchens: number;
  /** How warm its last stage is, °C. */
  readonly celsius: number;
  /** Whether a starter was dosed into it, so that another dose can be supposed. */
  readonly dosed: boolean;
}

/** A family's answer and, of each lot whose run is held, what is known of it. */
export interface HeldAnswer {
  readonly answer: FamilyAnswer;
  readonly runOf: Readonly<Record<string, RunInfo>>;
}

export interface SupposedAnswer {
  readonly run: RunInfo;
  readonly answer: LotAnswer;
}

/** Runs of a family that were worked out elsewhere, with what belongs to them. */
export interface HeldFamily {
  readonly id: string;
  readonly runs: readonly Omit<StoredRun, 'stepper'>[];
}

/** Suppositions whose runs are held at most. */
const supposedHeld = 4;

/**
 * Holds the runs behind answers where they were worked out: who asks is given an id, and tables worked out from the run. What was
 * not asked for a while is let go, and what is asked of it then is answered with null: the family is to be asked again.
 */
export class RunStore {
  private readonly families = new Map<string, readonly StoredRun[]>();
  private readonly supposed = new Map<string, StoredRun>();

  constructor(private readonly stepper: Stepper) {}

  /**
   * Answers for a family and holds its runs.
   *
   * @param id under which they are held: the same for the same question
   * @param keep the lot whose run is held in any case
   */
  family(id: string, question: FamilyQuestion, keep: string): HeldAnswer {
    const { answer, runs, runOf } = answerFamily(question, this.stepper, keep);
    this.hold(id, runs);
    return {
      answer,
      runOf: Object.fromEntries(
        Object.entries(runOf).map(([lotId, index]) => [lotId, infoOf(runs[index]!, `${id}/${index}`)]),
      ),
    };
  }

  /** Takes runs that another store worked out. */
  take({ id, runs }: HeldFamily): void {
    this.hold(
      id,
      runs.map((run) => ({ ...run, stepper: this.stepper })),
    );
  }

  /** Hands the runs of a family over; they are no longer held here. */
  handOver(id: string): HeldFamily {
    const runs = this.families.get(id) ?? [];
    this.families.delete(id);
    return { id, runs: runs.map(({ stepper: _here, ...run }) => run) };
  }

  /** The forecast with one thing supposed. */
  suppose(runId: string, ask: SupposeAsk): SupposedAnswer | null {
    const run = this.run(runId);
    if (!run) return null;
    const other = suppose(ask, run);
    const id = `${runId}?${JSON.stringify(ask.supposition)}@${ask.nowHour}`;
    this.supposed.delete(id);
    this.supposed.set(id, other.run);
    for (const oldest of [...this.supposed.keys()].slice(0, -supposedHeld)) this.supposed.delete(oldest);
    return { run: infoOf(other.run, id), answer: other.answer };
  }

  /** What chilling at each hour gives. */
  chills(
    runId: string,
    hours: readonly number[],
    limitBar: number,
    untilHour: number,
  ): readonly ChilledThen[] | null {
    const run = this.run(runId);
    return run && chillTable(run, hours, limitBar, untilHour);
  }

  /** What bottling at each hour gives. */
  bottlings(runId: string, hours: readonly number[], wantedVolumes: number): readonly BottledThen[] | null {
    const run = this.run(runId);
    return run && bottleTable(run, hours, wantedVolumes);
  }

  /** What a filling comes to when nobody looks. */
  fillings(runId: string, ask: FillingAsk): readonly FillingOutcome[] | null {
    const run = this.run(runId);
    return run && fillingOutcomes(run, ask);
  }

  /** What a jar's liquid holds at an hour. */
  jar(runId: string, hour: number): JarNow | null {
    const run = this.run(runId);
    return run && jarNow(run, hour);
  }

  private run(runId: string): StoredRun | null {
    const slash = runId.lastIndexOf('/');
    return (
      this.supposed.get(runId) ??
      this.families.get(runId.slice(0, slash))?.[Number(runId.slice(slash + 1))] ??
      null
    );
  }

  /** The newest are held whatever they take, older ones as long as there is room. */
  private hold(id: string, runs: readonly StoredRun[]): void {
    this.families.delete(id);
    this.families.set(id, runs);
    let bytes = 0;
    for (const [i, [held, each]] of [...this.families].reverse().entries()) {
      bytes += each.reduce((sum, run) => sum + bytesOf(run), 0);
      if (i > 0 && (i >= familiesHeld || bytes > mostBytes)) this.families.delete(held);
    }
  }
}

const infoOf = (run: StoredRun, id: string): RunInfo => ({
  id,
  kitchens: run.members.length,
  celsius: run.ferment.stages.at(-1)!.celsius,
  dosed: run.ferment.amountPerLitre > 0,
});
