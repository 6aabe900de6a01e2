import { sucroseDensity } from '../../sugar/sucrose-solution';
import type { Ingredient } from '../ingredient';
import { nothing, type Amounts, type Substance } from '../substances';
import { t } from '../../language/t';

/** What is dissolved in a fruit's juice. */
const dissolved = ['sucrose', 'glucose', 'fructose', 'maltose', 'citric', 'malic', 'minerals'] as const;

/** A usual concentrate, share of its mass that is dissolved: 65 °Brix. */
const concentrated = 0.65;

const source = (of: Ingredient) =>
  `worked out from ${of.name.toLowerCase()}: ${of.source}; density as a sucrose solution`;
const short = (name: string) => name.replace(/,.*$/, '').replace(/ (seeds|berry|pulp)$/, '');

const dissolvedShare = (of: Amounts): number => dissolved.reduce((sum, key) => sum + of[key], 0);

/** The liquid of a fruit with so much of it dissolved: what is solid stays in the press. */
function liquidOf(of: Ingredient, share: number): Amounts {
  const there = dissolvedShare(of.composition);
  const out: Record<Substance, number> = { ...nothing, water: 1 - share };
  for (const key of dissolved) out[key] = there > 0 ? (of.composition[key] / there) * share : 0;
  return out;
}

const poured = (
  of: Ingredient,
  what: string,
  share: number,
  typical: readonly [number, number],
): Ingredient => {
  const density = Number((sucroseDensity(share) / 1000).toFixed(3));
  return {
    id: `${of.id}-${what === 'juice' ? 'juice' : 'concentrate'}`,
    name: `${short(of.name)} ${what}`,
    family: 'juice',
    composition: liquidOf(of, share),
    density,
    spooned: { liquid: density },
    gives: 1,
    soaks: 0,
    typical,
    source: source(of),
  };
};

const pulped = (of: Ingredient): Ingredient => ({
  id: `${of.id}-puree`,
  name: t`${short(of.name)} purée`,
  family: 'puree',
  composition: of.composition,
  density: 1.04,
  spooned: { pureed: 1.04 },
  gives: 0.9,
  soaks: 0.2,
  typical: [40, 200],
  source: source(of),
});

/**
 * Juice, concentrate and purée of every fruit: a maker may pour any of them.
 *
 * A juice has the fruit's dissolved part alone, in its own water; a concentrate the same at 65 °Brix; a purée is the fruit, pulped.
 *
 * @param fruit fresh fruit; whole shares of mass
 * @returns ingredients under `<fruit>-juice`, `<fruit>-concentrate`, `<fruit>-puree`; sugar within what the fruit's own varies by
 * @example // of figs: fig-juice, fig-concentrate and fig-puree
 */
export function pressedOf(fruit: Readonly<Record<string, Ingredient>>): Readonly<Record<string, Ingredient>> {
  const all = Object.values(fruit).flatMap((of) => {
    const there = dissolvedShare(of.composition);
    const juice = there / (there + of.composition.water);
    return [
      poured(of, 'juice', juice, [60, 800]),
      poured(of, 'juice concentrate', concentrated, [20, 150]),
      pulped(of),
    ];
  });
  return Object.fromEntries(all.map((each) => [each.id, each]));
}
