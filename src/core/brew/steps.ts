import { cultureOfIngredient, knownCultures, lastBatchId } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import type { Method } from '../lots/records/method';
import { levelMl } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';
import { planDraw } from '../starter/draw-plan';
import { usualFeed } from '../starter/feed-plan';
import { coolingConstant, coolingHours, cooledTo, mixedCelsius, type CoolingWay } from '../workbook/cooling';

export type StepId =
  | 'water'
  | 'clean'
  | 'prepare'
  | 'heat'
  | 'steep'
  | 'mix'
  | 'cool'
  | 'strain'
  | 'last'
  | 'gravity'
  | 'draw'
  | 'pitch'
  | 'cover'
  | 'label'
  | 'restart';

/** What taking a step does to the kitchen's books. */
type StepDeed = 'none' | 'add' | 'strain' | 'measure' | 'pitch' | 'restart';

type StepWay =
  Method['water' | 'clean' | 'heat' | 'cool' | 'strain' | 'closure'] | 'packet' | 'jar' | 'grains' | '';

/** One step of a brew day. */
export interface BrewStep {
  readonly id: StepId;
  /** What it handles. */
  readonly portions: readonly Portion[];
  readonly deed: StepDeed;
  /** Minutes a timer runs for it, if it takes time by itself. */
  readonly minutes: number | null;
  /** The school it follows, by the method; where a dose comes from; empty for what has but one way. */
  readonly way: StepWay;
  /** Figures for its words: water in ml, °C, a dose. */
  readonly waterMl?: number;
  readonly heldMl?: number;
  readonly doseMl?: number;
  readonly doseGrams?: number;
  readonly lotId?: string | null;
}

/** What the steps are made for. */
export interface StepsAsk {
  readonly lot: Lot;
  /** The jar or packet the dose comes from, if it does. */
  readonly from: Lot | undefined;
  /** Air of the kitchen, °C. */
  readonly around: number;
}

/** Minutes each cleaning takes: the sanitiser's contact time, boiling water, a night in vinegar. Practice. */
const cleaningMinutes: Readonly<Record<Method['clean'], number>> = {
  'no-rinse': 2,
  boiling: 10,
  vinegar: 480,
};
/** Tap water: a day open, or a quarter of an hour at the boil. Practice: 24–48 h, 15–20 min. */
const waterMinutes: Readonly<Record<Method['water'], number | null>> = {
  stood: 24 * 60,
  boiled: 15,
  filtered: null,
  'as-is': null,
};
/** Off the boil, once the lid comes off, °C; and cold water from the tap. */
const offTheBoil = 95;
const tapCelsius = 14;
/** What a starter bears: cooled to there. */
export const pitchCelsius = 30;

/** How a pot cools: from where, in which way, and how much of it. */
export interface CoolingOf {
  readonly litres: number;
  readonly way: CoolingWay;
  readonly from: number;
}

/**
 * From where the pot has to cool when its steeping is over, with water held back poured in.
 *
 * @param around °C
 */
export function coolingOf(
  { recipe, contents }: Pick<Lot, 'recipe' | 'contents'>,
  around: number,
): CoolingOf | null {
  const method = recipe?.method;
  if (!method) return null;
  const litres = Math.max(0.2, (recipe.waterMl ?? contents.liquid.water) / 1000);
  if (method.heat === 'none')
    return method.water === 'boiled' ? { litres, way: wayOf(method), from: offTheBoil } : null;
  const constant = coolingConstant(litres, 'lidded');
  const steeped = cooledTo(offTheBoil, around, method.steepHours, constant);
  const held = recipe.heldMl ?? 0;
  const hot = Math.max(1, litres * 1000 - held);
  const from =
    held > 0
      ? mixedCelsius([
          { ml: hot, celsius: steeped },
          { ml: held, celsius: tapCelsius },
        ])
      : steeped;
  return { litres, way: wayOf(method), from };
}

const wayOf = ({ cool }: Method): CoolingWay => (cool === 'cold-water' ? 'lidded' : cool);

/** Minutes until the pot is at 30 °C; 0 when it is there already, null when the kitchen is warmer than that. */
export function coolingMinutes(of: CoolingOf, around: number): number | null {
  const hours = coolingHours({ ...of, to: pitchCelsius, around });
  return hours.ok ? Math.round(hours.value * 60) : null;
}

/**
 * The run of steps of a brew, made for its recipe and schools. A brew without a method has the last ones only: it is mixed.
 */
export function stepsOf({ lot, from, around }: StepsAsk): BrewStep[] {
  const { recipe } = lot;
  const method = recipe?.method;
  const pitching = pitchSteps(lot, from);
  if (!method) return pitching;
  const mixed = lot.events.find((event) => event.kind === 'added');
  const all = mixed?.kind === 'added' ? mixed.portions : [];
  const solid = all.filter(({ what }) => what !== 'water');
  const cut = solid.filter(({ what }) =>
    ['fruit', 'ginger', 'vegetable', 'herb', 'flower', 'citrus'].includes(ingredientOf(what).family),
  );
  const toCome = (recipe.later ?? []).filter(({ when }) => when === 'last').map(({ portion }) => portion);
  const later = toCome.filter(({ what }) => cultureOfIngredient(what) === null);
  const waterMl = recipe.waterMl ?? 0;
  const heldMl = recipe.heldMl ?? 0;
  const plain = (id: StepId, more: Partial<BrewStep> = {}): BrewStep => ({
    id,
    portions: [],
    deed: 'none',
    minutes: null,
    way: '',
    ...more,
  });
  const cooling = coolingOf(lot, around);
  const cool = cooling && cooling.from > pitchCelsius ? coolingMinutes(cooling, around) : null;
  return [
    ...[
      plain('water', { minutes: waterMinutes[method.water], way: method.water, waterMl }),
      plain('clean', { minutes: cleaningMinutes[method.clean], way: method.clean }),
    ].sort((a, b) => Number(takesANight(b)) - Number(takesANight(a))),
    ...(cut.length > 0 ? [plain('prepare', { portions: cut })] : []),
    ...(method.heat === 'none'
      ? []
      : [
          plain('heat', {
            portions: solid,
            minutes: method.heat === 'simmer' ? method.minutes : null,
            way: method.heat,
            waterMl: waterMl - heldMl,
            heldMl,
          }),
        ]),
    ...(method.heat !== 'none' && method.steepHours > 0
      ? [plain('steep', { minutes: method.steepHours * 60, way: method.heat })]
      : []),
    ...(cooling && cooling.from > pitchCelsius
      ? [plain('cool', { minutes: cool, way: method.cool, heldMl })]
      : []),
    ...(method.heat === 'none' ? [plain('mix', { portions: solid, waterMl })] : []),
    ...(method.strained === 'before' && solid.length > 0
      ? [plain('strain', { way: method.strain, deed: method.strain === 'pulp-in' ? 'none' : 'strain' })]
      : []),
    ...(later.length > 0 ? [plain('last', { portions: later, deed: 'add' })] : []),
    plain('gravity', { deed: 'measure' }),
    ...pitching,
  ];
}

function pitchSteps(lot: Lot, from: Lot | undefined): BrewStep[] {
  const planned = lot.recipe?.planned;
  const plain = { portions: [], deed: 'none', minutes: null, way: '' } as const;
  const culture = from ? knownCultures(from.role === 'starter' ? from.culture : lastBatchId) : null;
  const dose = {
    ...(planned?.ml === undefined ? {} : { doseMl: planned.ml }),
    ...(planned?.grams === undefined ? {} : { doseGrams: planned.grams }),
    lotId: planned?.lotId ?? null,
  };
  const topUp = from ? topUpOf(lot, from) : [];
  const living = (lot.recipe?.later ?? [])
    .filter(({ when, portion }) => when === 'last' && cultureOfIngredient(portion.what) !== null)
    .map(({ portion }) => portion);
  const packet = culture?.packet ?? knownPacket(living);
  const unpacked: StepWay = dose.doseGrams === undefined ? 'jar' : 'grains';
  return [
    ...(planned || packet
      ? [
          {
            ...plain,
            id: 'draw' as const,
            way: packet ? ('packet' as const) : unpacked,
            minutes: packet ? packet.foamsInMinutes : null,
            portions: living,
            ...dose,
          },
        ]
      : []),
    ...(planned || living.length > 0
      ? [{ ...plain, id: 'pitch' as const, deed: 'pitch' as const, portions: living, ...dose }]
      : []),
    { ...plain, id: 'cover' as const, way: lot.recipe?.method?.closure ?? lot.closure },
    { ...plain, id: 'label' as const },
    ...(topUp.length > 0
      ? [
          {
            ...plain,
            id: 'restart' as const,
            deed: 'restart' as const,
            portions: topUp,
            lotId: from!.id,
          },
        ]
      : []),
  ];
}

/** What brings the jar back after the draw: worked out ahead of it, and from what is left once it is drawn. */
function topUpOf(lot: Lot, from: Lot): readonly Portion[] {
  const planned = lot.recipe?.planned;
  if (lot.events.some((event) => event.kind === 'came' && event.from === from.id))
    return usualFeed(from, levelMl(from.contents));
  const draw = planned?.ml === undefined ? null : planDraw(from, planned.ml);
  return draw?.ok ? draw.value.topUp : [];
}

/** How the packet among what is to be pitched is woken; none when there is no packet. */
const knownPacket = (living: readonly Portion[]) =>
  living.map(({ what }) => cultureOfIngredient(what)?.packet).find((packet) => packet !== undefined);

/** What takes a night is begun the evening before: it stands before all that is done in an hour. */
const takesANight = ({ minutes }: BrewStep): boolean => (minutes ?? 0) >= 8 * 60;

/** The first step that was neither taken nor skipped; the number of steps when all are. */
export const stepAt = (steps: readonly BrewStep[], lot: Pick<Lot, 'steps'>): number => {
  const at = steps.findIndex(({ id }) => lot.steps?.[id] === undefined);
  return at < 0 ? steps.length : at;
};
