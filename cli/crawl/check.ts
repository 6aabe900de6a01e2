import { stepper } from '../stepper.ts';
import { answerFamily } from '../../src/core/forecast/answer/family-answer.ts';
import { familyQuestion } from '../../src/core/forecast/question/family-question.ts';
import { rootOf } from '../../src/core/forecast/question/family-members.ts';
import { liquidsOf } from '../../src/core/forecast/question/root-ferment.ts';
import { cameIn, mixedSugar, sugarLeft } from '../../src/core/forecast/question/living-liquid.ts';
import type { LotAnswer } from '../../src/core/forecast/answer/family-answer.ts';
import { answerStarter, type StarterAnswer } from '../../src/core/forecast/starter/starter-answer.ts';
import { starterQuestion } from '../../src/core/forecast/question/starter-question.ts';
import { everyLot, lotOf, type Household } from '../../src/core/journal/household.ts';
import type { Lot } from '../../src/core/lots/lot.ts';
import { isSound, liquidMl } from '../../src/core/matter/contents.ts';
import { hourMs } from '../../src/core/duration.ts';

/** Kitchens asked: what is looked for here hangs on no chance. */
const few = 12;

export interface Answers {
  readonly lots: ReadonlyMap<string, LotAnswer>;
  readonly starters: ReadonlyMap<string, StarterAnswer>;
  /** What does not hold, in words. */
  readonly faults: readonly string[];
}

function* numbersIn(value: unknown, at = ''): Generator<[string, number]> {
  if (typeof value === 'number') yield [at, value];
  else if (ArrayBuffer.isView(value)) return;
  else if (value && typeof value === 'object')
    for (const [key, each] of Object.entries(value)) yield* numbersIn(each, `${at}.${key}`);
}

const notNumbers = (value: unknown, of: string): string[] =>
  [...numbersIn(value)].filter(([, number]) => Number.isNaN(number)).map(([at]) => `${of}${at} is no number`);

/** Every answer of a household, and whether its figures are numbers and agree with each other. */
export function answersOf(household: Household, now: number): Answers {
  const lots = new Map<string, LotAnswer>();
  const starters = new Map<string, StarterAnswer>();
  const faults: string[] = [];
  const find = (id: string) => lotOf(household, id);
  const { warmths } = household;
  for (const lot of everyLot(household)) {
    if (!isSound(lot.contents)) faults.push(`${lot.name}: its contents are unsound`);
    if (lot.ended) continue;
    const asked = starterQuestion({
      lot,
      warmths,
      learned: null,
      now,
      aheadHours: 48,
      came: (event) => cameIn(event, { find, warmths }),
    });
    if (asked) {
      const answer = answerStarter({ ...asked, ferment: { ...asked.ferment, members: few } }, stepper);
      faults.push(...notNumbers(answer, `${lot.name}: `), ...starterFaults(lot, household, now));
      starters.set(lot.id, answer);
    }
    if (lot.role === 'starter' || rootOf(lot, find) !== lot) continue;
    const question = familyQuestion({ root: lot, find, warmths, learned: () => null, now, household });
    if (!question) continue;
    faults.push(...brewFaults(lot, question.family.root, household));
    const root = { ...question.family.root, members: few };
    const drawn = question.drawn && {
      ...question.drawn,
      ferment: { ...question.drawn.ferment, members: few },
    };
    const { answer } = answerFamily({ ...question, drawn, family: { ...question.family, root } }, stepper);
    faults.push(...notNumbers(answer, `${lot.name}: `));
    for (const each of answer.lots) lots.set(each.lotId, each);
  }
  return { lots, starters, faults };
}

/** A jar's sugar: never below nothing, never more than was ever put in. */
function starterFaults(lot: Lot, household: Household, now: number): string[] {
  const left = sugarLeft(lot, liquidsOf(household), now);
  // A spoon of sugar in the last drops is any number.
  if (left === null || liquidMl(lot.contents) < 80) return [];
  const most = mixedSugar(lot, liquidsOf(household)) * 3 + 5;
  return left < -1e-6 || left > Math.max(most, 400)
    ? [`${lot.name}: ${left.toFixed(1)} g/L left, which cannot be`]
    : [];
}

/** What a list and an account say of a brew at its start is what its forecast begins with; its litres are the jar's. */
function brewFaults(
  lot: Lot,
  root: {
    readonly sugars: { sucrose: number; glucose: number; fructose: number };
    readonly liquidLitres: number;
  },
  household: Household,
): string[] {
  const changed = lot.events.some(({ kind }) => kind === 'went' || kind === 'read');
  const moments = new Set(
    lot.events
      .filter(({ kind }) => kind === 'added' || kind === 'came')
      .map(({ at }) => Math.round(at / hourMs)),
  );
  const out: string[] = [];
  const begins = root.sugars.sucrose + root.sugars.glucose + root.sugars.fructose;
  const said = mixedSugar(lot, liquidsOf(household));
  // Where all went in within the hour and nothing has left yet, both speak of one thing.
  if (!changed && moments.size <= 1 && Math.abs(begins - said) > 0.01 * said + 0.1)
    out.push(`${lot.name}: ${said.toFixed(1)} g/L in the list, ${begins.toFixed(1)} g/L in its forecast`);
  const ml = liquidMl(lot.contents);
  if (!changed && moments.size <= 1 && Math.abs(root.liquidLitres * 1000 - ml) > 0.01 * ml + 1)
    out.push(
      `${lot.name}: ${(root.liquidLitres * 1000).toFixed(0)} ml in its forecast, ${ml.toFixed(0)} in its jar`,
    );
  return out;
}
