import { allSeries, lotAnswer, type LotAnswer } from './family-answer';
import { followFamily } from '../run/family';
import type { FamilyQuestion } from '../question/family-question';
import type { LotAsk } from '../question/lot-ask';
import type { StoredRun } from '../run/stored-run';
import { diverged, representatives } from '../what-if/what-if';

/** One thing other than it is: warmer or cooler or burped from now on, or pitched with another dose. */
export type Supposition =
  | { readonly kind: 'warmer'; readonly degrees: number }
  | { readonly kind: 'burped'; readonly everyHours: number }
  | { readonly kind: 'dosed'; readonly times: number };

export interface SupposeAsk {
  readonly question: FamilyQuestion;
  readonly lot: LotAsk;
  /** Now, hours from the family's start. */
  readonly nowHour: number;
  readonly supposition: Supposition;
}

export interface RunAnswer {
  readonly run: StoredRun;
  readonly answer: LotAnswer;
}

/** Kitchens followed into a supposition: enough for its bands, few enough to answer within a tap. */
const members = 48;

/**
 * The forecast of a lot with one thing supposed, in the kitchens that fit what was seen. Takes some hundred milliseconds for
 * another dose, which is followed from the pitching on: for a worker.
 *
 * @param run the lot's own run, from its start
 */
export function suppose({ question, lot, nowHour, supposition }: SupposeAsk, run: StoredRun): RunAnswer {
  const changed =
    supposition.kind === 'dosed'
      ? dosed(question, lot, supposition.times, run)
      : diverged(run, Math.max(0, Math.floor(nowHour)), changeOf(supposition, run), members);
  return { run: changed, answer: lotAnswer(lot, question.start, changed, allSeries(changed)) };
}

const changeOf = (supposition: Exclude<Supposition, { kind: 'dosed' }>, run: StoredRun) =>
  supposition.kind === 'burped'
    ? { ventEveryHours: supposition.everyHours }
    : { celsius: run.ferment.stages.at(-1)!.celsius + supposition.degrees };

/** The whole family again from the pitching on, in the likely kitchens: what was read stays with the dose it was read at. */
function dosed({ family }: FamilyQuestion, { run: index }: LotAsk, times: number, run: StoredRun): StoredRun {
  const { root } = family;
  const picked = representatives(run, members).map((m) => run.members[m]!);
  const other = { ...root, vigour: run.ferment.vigour, amountPerLitre: root.amountPerLitre * times };
  let found: StoredRun | null = null;
  followFamily({ ...family, root: other }, picked, run.stepper, (each, i) => {
    if (i === index) found = each;
  });
  return found!;
}
