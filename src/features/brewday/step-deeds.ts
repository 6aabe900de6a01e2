import { pitchCheck } from '@/core/brew/pitch-check';
import type { BrewStep } from '@/core/brew/steps';
import type { Act } from '@/core/journal/entry';
import type { Lot } from '@/core/lots/lot';
import { degreesTyped } from '@/core/measures/parse-measure';
import { planDraw } from '@/core/starter/draw-plan';
import { refusalWords } from '@/words/refusals';
import { drawnTyped } from '../forms/drawn-typed';
import { gramsTyped } from '../forms/packet-dose';
import { solidOf } from '../forms/pitch-form';
import { readGravity } from './read-gravity';
import { t } from '@/core/language/t';

/** What is typed at a step: °C, a dose, a gravity. */
export type Typed = Readonly<Record<'celsius' | 'dose' | 'sg', string>>;

/** What must be put right first, at which box. */
export interface StepFault {
  readonly key: keyof Typed;
  readonly message: string;
}

/** What a step does to the kitchen: acts to write, or what is wrong. */
type Deed = (
  step: BrewStep,
  lot: Lot,
  typed: Typed,
  find: (id: string) => Lot | undefined,
) => Act[] | StepFault;

const pitch: Deed = (step, lot, typed, find) => {
  const celsius = degreesTyped(typed.celsius);
  if (!Number.isFinite(celsius))
    return { key: 'celsius', message: t`Say how warm the base is: tap what it feels like, or write °C.` };
  const check = pitchCheck(celsius);
  if (!check.ok) return { key: 'celsius', message: refusalWords(check) };
  if (step.portions.length > 0)
    return [{ kind: 'portions-added', lotId: lot.id, portions: step.portions, celsius }];
  const jar = step.lotId ? find(step.lotId) : undefined;
  if (!jar) return { key: 'dose', message: t`The starter is gone: pitch from the brew’s page.` };
  if (step.doseGrams !== undefined) {
    const grams = gramsTyped(typed.dose, jar);
    if (!grams.ok) return { key: 'dose', message: refusalWords(grams) };
    const targets = [{ lotId: lot.id, grams: grams.value }];
    return [{ kind: 'transferred', from: jar.id, taken: 'solids', ...solidOf(jar), celsius, targets }];
  }
  const ml = drawnTyped(typed.dose, jar);
  if (!ml.ok) return { key: 'dose', message: refusalWords(ml) };
  const plan = planDraw(jar, ml.value);
  if (!plan.ok) return { key: 'dose', message: refusalWords(plan) };
  const targets = [{ lotId: lot.id, ml: ml.value }];
  return [{ kind: 'transferred', from: jar.id, taken: 'liquid', celsius, targets }];
};

/** The deed of each kind of step. */
export const stepDeeds: Readonly<Record<BrewStep['deed'], Deed>> = {
  none: () => [],
  add: ({ portions }, { id }) => [{ kind: 'portions-added', lotId: id, portions }],
  restart: ({ lotId, portions }) => (lotId ? [{ kind: 'portions-added', lotId, portions }] : []),
  strain: ({ way }, { id }) => [
    {
      kind: 'transferred',
      from: id,
      taken: 'solids',
      strained: way === 'cloth' || way === 'fine' ? way : 'coarse',
      targets: [{ gone: 'discarded' }],
    },
  ],
  measure: (_, { id }, { sg }) => {
    const read = readGravity(sg);
    if (read === 'none') return [];
    if (read === 'wrong') return { key: 'sg', message: t`A gravity such as 1.042, or °Brix such as 10.4.` };
    return [{ kind: 'measured', lotId: id, ...read }];
  },
  pitch,
};
