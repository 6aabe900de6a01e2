import { bareId } from '../cultures/registry';
import type { BaseKind } from '../matter/base-kinds';
import { familyQuestion, type FamilyQuestion } from '../forecast/question/family-question';
import type { Habits } from '../forecast/question/habits';
import type { Learned } from '../forecast/ensemble/lessons';
import type { PlaceId, Warmths } from '../kitchen/places';
import { addPortions } from '../lots/add';
import { emptyLot } from '../lots/begin';
import type { Lot } from '../lots/lot';
import type { Method } from '../lots/records/method';
import type { LotFinder, Pitch } from '../lots/pitch';
import { liftOut, liquidMl, pourOff } from '../matter/contents';
import type { Life } from './brew-plan';
import type { Portion } from '../matter/portion';

export interface ComposedAsk {
  /** All that goes in before the ferment, water too. */
  readonly portions: readonly Portion[];
  readonly life: Life;
  readonly base: BaseKind;
  readonly method: Method;
  readonly place: PlaceId;
  readonly wantedVolumes: number;
  readonly jarMl: number;
  readonly find: LotFinder;
  readonly warmths: Warmths;
  readonly learned: (pitch: Pitch) => Learned | null;
  readonly habits?: Habits;
  readonly now: number;
}

/** Kitchens followed while something is composed: few enough to answer as it is turned. */
const members = 96;
const composedId = 'composed';

/**
 * The question about a ferment that is only composed, as if it were mixed and pitched now.
 *
 * @returns null while nothing would live in it
 */
export function composedQuestion(ask: ComposedAsk): FamilyQuestion | null {
  const { life, now } = ask;
  const moment = { at: now, entryId: composedId };
  const bare = life.kind === 'bare';
  const begun = emptyLot(composedId, now, {
    role: 'brew',
    name: composedId,
    vessel: { kind: 'jar', ml: Math.max(ask.jarMl, 100) },
    closure: ask.method.closure,
    place: ask.place,
    culture: bare ? bareIn(ask.portions) : null,
    recipe: { base: ask.base, wantedVolumes: ask.wantedVolumes, method: ask.method },
  });
  const mixed = addPortions(begun, ask.portions, moment);
  const root = life.kind === 'lot' || life.kind === 'packet' ? pitched(mixed, life, now) : mixed;
  const question = familyQuestion({
    root,
    find: (id) => (id === composedId ? root : ask.find(id)),
    warmths: ask.warmths,
    learned: ask.learned,
    now,
    ...(ask.habits ? { habits: ask.habits } : {}),
  });
  if (!question) return null;
  const { family } = question;
  return { ...question, family: { ...family, root: { ...family.root, members } } };
}

/** Peel brings more life than ginger: which kind lives on the base itself. */
const bareIn = (portions: readonly Portion[]): string =>
  portions.some(({ what }) => what === 'pineapple-rind') ? 'peel' : bareId;

function pitched(mixed: Lot, life: Extract<Life, { lot: Lot }>, now: number): Lot {
  const { lot } = life;
  const contents =
    life.kind === 'packet'
      ? liftOut(lot.contents, life.grams, 0)
      : pourOff(lot.contents, Math.min(life.ml, liquidMl(lot.contents)));
  return {
    ...mixed,
    culture: lot.culture,
    events: [
      ...mixed.events,
      { at: now, entryId: composedId, kind: 'came', from: lot.id, contents, index: 0, celsius: undefined },
    ],
  };
}
