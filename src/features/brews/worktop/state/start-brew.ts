import { bareId, peelId } from '@/core/cultures/registry';
import type { Act } from '@/core/journal/entry';
import { contentsOf, leastBegunMl } from '@/core/lots/begin';
import { levelMl } from '@/core/matter/contents';
import type { Portion } from '@/core/matter/portion';
import { sensibleGrams, sensibleMillilitres } from '@/core/measures/sensible';
import { refusal, success, type Result } from '@/core/result';
import { baseIn, type Planned } from './worktop-plan';
import { nameOf, type WorktopState } from './worktop-state';

type Beginning = Extract<Act, { kind: 'lot-begun' }>;

/** An amount as a kitchen measures it; what was typed stays word for word. */
function measured(portion: Portion): Portion {
  if (portion.typed !== undefined) return portion;
  if (portion.ml !== undefined)
    return { ...portion, ml: portion.ml < 20 ? tenth(portion.ml) : sensibleMillilitres(portion.ml) };
  const grams = portion.grams ?? 0;
  return { ...portion, grams: grams < 20 ? tenth(grams) : sensibleGrams(grams) };
}
const tenth = (value: number) => Number(value.toFixed(value < 1 ? 2 : 1));

/**
 * What begins a brew of the worktop: mixed at once, or step by step with what goes in later still to come.
 * Refused when next to nothing would be in the jar at the beginning: the journal takes no empty lot.
 */
export function beginningOf(
  state: WorktopState,
  { plan, life }: Planned,
  how: 'mixed' | 'steps',
): Result<Beginning> {
  const { rows } = state.composition;
  const now = rows.filter(({ when }) => when !== 'infusion' && (how === 'mixed' || when !== 'last'));
  const later = rows
    .filter((row) => !now.includes(row))
    .map(({ when, portion }) => ({ when, portion: measured(portion) }));
  const planned =
    life.kind === 'lot'
      ? { lotId: life.lot.id, ml: life.ml }
      : life.kind === 'packet'
        ? { lotId: life.lot.id, grams: life.grams }
        : undefined;
  // As it is worked out: coarser, and the jar would hold another sugar a litre than was shown.
  const water = Math.round(plan.brew.waterMl);
  const portions = [
    ...(water > 0 ? [{ what: 'water', ml: water }] : []),
    ...now.map(({ portion }) => measured(portion)),
  ] as Portion[];
  if (levelMl(contentsOf(portions)) < leastBegunMl)
    return refusal('brew.hardly-anything', { later: later.length > 0 });
  const peel = rows.some(({ portion }) => portion.what === 'pineapple-rind');
  const jarMl = Math.max(state.jarMl ?? 0, plan.brew.jarMl, Math.ceil((plan.levelMl * 1.05) / 50) * 50);
  return success({
    kind: 'lot-begun',
    role: 'brew',
    name: nameOf(state),
    vessel: { kind: 'jar', ml: jarMl },
    closure: state.method.closure,
    place: state.place,
    culture: life.kind === 'bare' ? (peel ? peelId : bareId) : null,
    recipe: {
      base: baseIn(state),
      wantedVolumes: state.volumes,
      method: state.method,
      ...(planned ? { planned } : {}),
      ...(state.from ? { from: state.from } : {}),
      ...(later.length > 0 ? { later } : {}),
      waterMl: Math.round(plan.waterMl),
      heldMl: sensibleMillilitres(plan.pot.heldMl),
    },
    portions,
  } as Beginning);
}
