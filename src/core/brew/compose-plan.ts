import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Method } from '../lots/records/method';
import { success, type Result } from '../result';
import { planBrew, type BrewPlan, type Life } from './brew-plan';
import type { Composition } from './composition';
import { jarLevelMl } from './scale';
import { potLoad, type PotLoad } from './pot';
import { yieldOf, type Yield } from './yield';

/** A composition worked out: what to measure, what is heated, what it yields. */
export interface ComposedPlan {
  readonly brew: BrewPlan;
  /** Water to measure, ml: what simmers away on top of what is in the jar. */
  readonly waterMl: number;
  readonly pot: PotLoad;
  readonly yields: Yield;
  /** How high it stands in the jar, solids and all, ml. */
  readonly levelMl: number;
}

/** Each round leaves about a twentieth of the error of the one before. */
const settlingRounds = 4;

/**
 * Works a composition out.
 *
 * @returns refusals of `planBrew`
 */
export function planComposition(
  composition: Composition,
  method: Method,
  life: Life,
  cultures: CultureTable = knownCultures,
): Result<ComposedPlan> {
  const portions = composition.rows.filter(({ when }) => when !== 'infusion').map(({ portion }) => portion);
  const planned = planBrew({ ml: composition.ml, by: 'volume', portions, life }, cultures);
  if (!planned.ok) return planned;
  const brew = planned.value;
  // What boils away is found from the pot as it is filled, which holds a little more for it: a few rounds settle it.
  let waterMl = brew.waterMl;
  let pot = potLoad(waterMl, composition.rows, method);
  for (let round = 0; round < settlingRounds; round++) {
    waterMl = brew.waterMl + yieldOf(0, composition.rows, method, pot.levelMl).evaporatedMl;
    pot = potLoad(waterMl, composition.rows, method);
  }
  return success({
    brew,
    waterMl,
    pot,
    yields: yieldOf(brew.account.batchMl, composition.rows, method, pot.levelMl),
    levelMl: jarLevelMl(composition),
  });
}
