import { needsRefinement } from '../core/forecast/answer/needs-refinement';
import type { HeldAnswer, SupposedAnswer } from '../core/forecast/answer/run-store';
import { familiesHeld } from '../core/forecast/run/stored-run';
import type { FamilyAnswer } from '../core/forecast/answer/family-answer';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import type { StarterAnswer } from '../core/forecast/starter/starter-answer';
import type { StarterQuestion } from '../core/forecast/question/starter-question';
import type { FillingAsk } from '../core/forecast/advice/fillings';
import type { Supposition } from '../core/forecast/answer/suppose';
import type { Answerer } from './answerer';
import { fnv1a } from '../core/fnv1a';

interface AboutFamily {
  readonly kind: 'family';
  readonly subject: string;
  readonly asked: FamilyQuestion;
}

interface AboutStarter {
  readonly kind: 'starter';
  readonly subject: string;
  readonly asked: StarterQuestion;
}

export type ForecastQuestion = AboutFamily | AboutStarter;

/** An answer with the key of the question it answers: the same key, the same answer. */
export interface KeptAnswer {
  readonly key: string;
  readonly family?: FamilyAnswer;
  readonly starter?: StarterAnswer;
  /** Whether it was refined. */
  readonly refined?: true;
}

/** Where answers outlive the page. */
export interface AnswerCache {
  load(): Promise<ReadonlyMap<string, KeptAnswer>>;
  put(subject: string, answer: KeptAnswer): void;
  wipe(): Promise<void>;
}

interface KeptRuns extends HeldAnswer {
  readonly key: string;
  readonly asked: FamilyQuestion;
  /** The lot whose run was asked for. */
  readonly lotId: string;
}

interface Asked<Q extends ForecastQuestion = ForecastQuestion> {
  readonly question: Q;
  readonly key: string;
  readonly rank: number;
}

interface Waiting extends Asked {
  /** The lot whose run is wanted too; null for an answer alone. */
  readonly runOf: string | null;
}

/** A question that failed may be asked again after this long, ms. */
const askAgainMs = 15_000;
/** Changes when answers are worked out or written otherwise: older ones are not shown again. */
export const answerVersion = '19-';
/** Nothing is refined before a page has settled. */
const restMs = 4000;

const aWhile = (): Promise<void> => new Promise((done) => setTimeout(done, restMs));

/**
 * Takes questions by subject. The newest question of a subject wins; the lowest rank goes first; meanwhile the
 * old answer stays on view. What was answered is kept in the cache and never asked twice. When nothing waits, answers in which
 * a limit is in doubt are worked out once more from more kitchens, and replaced.
 */
export class ForecastQueue {
  private readonly answers = new Map<string, KeptAnswer>();
  private readonly runs = new Map<string, KeptRuns>();
  private readonly waiting = new Map<string, Waiting>();
  private readonly failures = new Map<string, { key: string; at: number }>();
  /** The newest question about each family. */
  private readonly newest = new Map<string, Asked<AboutFamily>>();
  /** Keys of what could not be refined. */
  private readonly unclear = new Set<string>();
  private looking = false;
  private readonly listeners = new Set<() => void>();
  /** What is being worked out: pages that are drawn meanwhile ask for it again. */
  private current: Waiting | null = null;
  private open = false;
  private recalled: Promise<void> | null = null;
  private version = 0;
  /** Rises when everything is forgotten: what was being worked out then is not kept. */
  private age = 0;

  constructor(
    private readonly answerer: Answerer,
    private readonly cache: AnswerCache,
    private readonly clock: () => number,
    private readonly rest: () => Promise<void> = aWhile,
  ) {}

  /** Brings back what was answered before; then questions are taken up. */
  async start(): Promise<void> {
    await this.recall();
    this.open = true;
    void this.work();
  }

  /** There will be questions: who answers gets ready while the page is drawn, unless old answers are there to be shown. */
  async expect(): Promise<void> {
    await this.recall();
    if (this.answers.size === 0) this.answerer.wake();
  }

  /** Brings the kept answers back without working; once, whoever asks for it. */
  recall(): Promise<void> {
    return (this.recalled ??= this.fromCache());
  }

  /** Forgets every answer, here and in the cache: what they told of is forgotten too. */
  forget(): void {
    for (const kept of [this.answers, this.runs, this.waiting, this.failures, this.newest]) kept.clear();
    this.unclear.clear();
    this.age += 1;
    void this.cache.wipe().catch(() => undefined);
    this.changed();
  }

  private async fromCache(): Promise<void> {
    const kept = await this.cache.load().catch(() => new Map<string, KeptAnswer>());
    for (const [subject, answer] of kept)
      if (answer.key.startsWith(answerVersion) && !this.answers.has(subject))
        this.answers.set(subject, answer);
    this.changed();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Rises with every new answer. */
  snapshot = (): number => this.version;

  familyAnswer(subject: string): FamilyAnswer | null {
    return this.answers.get(subject)?.family ?? null;
  }

  starterAnswer(subject: string): StarterAnswer | null {
    return this.answers.get(subject)?.starter ?? null;
  }

  runsOf(subject: string): HeldAnswer | null {
    return this.runs.get(subject) ?? null;
  }

  /**
   * A lot's forecast with one thing supposed, worked out where the runs of its family are held.
   *
   * @returns null when they are not, or when it could not be computed
   */
  async suppose(
    subject: string,
    lotId: string,
    supposition: Supposition,
    nowHour: number,
  ): Promise<SupposedAnswer | null> {
    const whole = this.runs.get(subject);
    const lot = whole?.asked.lots.find((each) => each.lotId === lotId);
    const run = whole?.runOf[lotId];
    if (!lot || !run) return null;
    const ask = { question: whole.asked, lot, nowHour, supposition };
    return this.ofRun(run.id, this.answerer.suppose(run.id, ask));
  }

  /** What chilling at each hour gives, worked out beforehand. Null when it could not be computed. */
  chills(runId: string, hours: readonly number[], limitBar: number, untilHour: number) {
    return this.ofRun(runId, this.answerer.chills(runId, hours, limitBar, untilHour));
  }

  /** The same for bottling. */
  bottlings(runId: string, hours: readonly number[], wantedVolumes: number) {
    return this.ofRun(runId, this.answerer.bottlings(runId, hours, wantedVolumes));
  }

  /** What a filling comes to when nobody looks, as planned and otherwise. Null when it could not be computed. */
  fillings(runId: string, ask: FillingAsk) {
    return this.ofRun(runId, this.answerer.fillings(runId, ask));
  }

  /** What a jar's liquid holds at an hour. Null when it could not be computed. */
  jar(runId: string, hour: number) {
    return this.ofRun(runId, this.answerer.jar(runId, hour));
  }

  /** What is asked of a run. One that was let go is forgotten here too: the page that shows it asks for its family again. */
  private async ofRun<T>(runId: string, asked: Promise<T | null>): Promise<T | null> {
    const found = await asked.catch(() => 'failed' as const);
    if (found === 'failed') return null;
    if (found === null)
      for (const [subject, { runOf }] of this.runs)
        if (Object.values(runOf).some(({ id }) => runId.startsWith(id))) {
          this.runs.delete(subject);
          this.changed();
        }
    return found;
  }

  /** A forecast of what is only composed: asked straight away, kept nowhere. Null when it could not be computed. */
  compose(question: FamilyQuestion): Promise<FamilyAnswer | null> {
    return this.answerer.family(question).catch(() => null);
  }

  /** Whether a newer answer to a subject is on its way. */
  isPending(subject: string): boolean {
    const { current } = this;
    const working = current?.question.subject === subject && this.answers.get(subject)?.key !== current.key;
    return this.waiting.has(subject) || (working && !this.failures.has(subject));
  }

  /** Whether all that was asked is answered, but for what is refined. */
  isIdle(): boolean {
    const { current } = this;
    return (
      this.waiting.size === 0 &&
      (current === null || this.answers.get(current.question.subject)?.key === current.key)
    );
  }

  /** Whether the last question of a subject could not be computed. */
  hasFailed(subject: string): boolean {
    return this.failures.has(subject);
  }

  /**
   * Asks, unless that is answered already or failed a moment ago.
   *
   * @param rank lower goes first
   * @param runOf the lot whose run is wanted too
   */
  ask(question: ForecastQuestion, rank: number, runOf: string | null = null): void {
    const { subject } = question;
    const key = keyOf(question);
    if (question.kind === 'family') this.newest.set(subject, { question, key, rank });
    const answered = this.answers.get(subject)?.key === key && this.holds(subject, key, runOf);
    const { current } = this;
    const coming =
      current?.question.subject === subject &&
      current.key === key &&
      (runOf === null || current.runOf === runOf);
    const failed = this.failures.get(subject);
    if (answered || coming || (failed?.key === key && this.clock() - failed.at < askAgainMs)) return;
    const before = this.waiting.get(subject);
    this.waiting.set(subject, { question, key, rank, runOf: runOf ?? before?.runOf ?? null });
    void this.work();
  }

  /** Whether a lot's run is there, of this very question. */
  private holds(subject: string, key: string, lotId: string | null): boolean {
    const kept = this.runs.get(subject);
    return lotId === null || (kept?.key === key && lotId in kept.runOf);
  }

  private async work(): Promise<void> {
    if (this.current || !this.open) return;
    for (let next = this.next(); next; next = this.next()) {
      this.waiting.delete(next.question.subject);
      this.current = next;
      await this.answer(next);
      this.current = null;
    }
    void this.refineAnswers();
  }

  /** One after another, as long as nothing else is asked. */
  private async refineAnswers(): Promise<void> {
    if (this.looking) return;
    this.looking = true;
    await this.rest();
    for (let next = this.nextToRefine(); next && !this.current; next = this.nextToRefine()) {
      const { question, key } = next;
      const asked = { ...question.asked, refined: true as const };
      const keep = this.runs.get(question.subject)?.lotId ?? asked.rootId;
      const whole = await this.answerer.refine(`${key}+`, asked, keep).catch(() => null);
      if (!whole) this.unclear.add(key);
      else if (this.answers.get(question.subject)?.key === key) this.replace(next, whole);
      await this.rest();
    }
    this.looking = false;
  }

  private nextToRefine(): Asked<AboutFamily> | undefined {
    const doubtful = ({ question: { subject, asked }, key }: Asked<AboutFamily>) => {
      const answer = this.answers.get(subject);
      if (answer?.key !== key || answer.refined || this.unclear.has(key)) return false;
      return answer.family !== undefined && needsRefinement(asked, answer.family.lots);
    };
    return [...this.newest.values()].filter(doubtful).sort((a, b) => a.rank - b.rank)[0];
  }

  private replace({ question: { subject }, key }: Asked<AboutFamily>, whole: HeldAnswer): void {
    const before = this.runs.get(subject);
    const answer = decidedAs(whole.answer, this.answers.get(subject)?.family);
    if (before?.key === key) this.runs.set(subject, { ...before, ...whole, answer });
    this.put(subject, { key, family: answer, refined: true });
    this.changed();
  }

  private next(): Waiting | undefined {
    return [...this.waiting.values()].sort((a, b) => a.rank - b.rank)[0];
  }

  private async answer({ question, key, runOf }: Waiting): Promise<void> {
    const { subject } = question;
    const { age } = this;
    try {
      if (question.kind === 'starter') {
        const starter = await this.answerer.starter(question.asked);
        if (age === this.age) this.put(subject, { key, starter });
      } else if (runOf === null) {
        const family = await this.answerer.family(question.asked);
        if (age === this.age) this.put(subject, { key, family });
      } else {
        const whole = await this.answerer.hold(key, question.asked, runOf);
        if (age !== this.age) return;
        this.runs.delete(subject);
        this.runs.set(subject, { ...whole, key, asked: question.asked, lotId: runOf });
        this.letGo();
        this.put(subject, { key, family: whole.answer });
      }
      this.failures.delete(subject);
    } catch {
      this.failures.set(subject, { key, at: this.clock() });
    }
    this.changed();
  }

  /** Runs of older families are let go where they are held. */
  private letGo(): void {
    for (const oldest of [...this.runs.keys()].slice(0, -familiesHeld)) this.runs.delete(oldest);
  }

  private put(subject: string, answer: KeptAnswer): void {
    this.answers.set(subject, answer);
    this.cache.put(subject, answer);
  }

  private changed(): void {
    this.version += 1;
    for (const listener of this.listeners) listener();
  }
}

/** Refined, chances are exact; what was decided stays, so that no order changes while nothing was seen. */
const decidedAs = (closer: FamilyAnswer, before: FamilyAnswer | undefined): FamilyAnswer => ({
  ...closer,
  lots: closer.lots.map((lot) => {
    const was = before?.lots.find(({ lotId }) => lotId === lot.lotId);
    if (!was) return lot;
    const { limitHour, failureHour } = lot.chill ?? {};
    const chill =
      was.chill && lot.chill ? { ...was.chill, limitHour: limitHour!, failureHour: failureHour! } : lot.chill;
    const { advice, taste, looks } = was;
    return { ...lot, chill, advice, taste, looks, ...(was.tasteRule ? { tasteRule: was.tasteRule } : {}) };
  }),
});

/** A question's content as a short key: two hashes of its JSON, and its length. */
export function keyOf(question: ForecastQuestion): string {
  const text = JSON.stringify(question.asked);
  const hashes = [fnv1a(text), fnv1a(text, 1), text.length];
  return `${answerVersion}${hashes.map((each) => each.toString(36)).join('-')}`;
}
