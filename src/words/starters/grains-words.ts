import type { GrainCount } from '@/core/starter/renewal';
import { kitchenVolume } from '../amounts';

/** Grains level in a spoon, g/ml: wet ones. */
const spoon = 0.9;

/** Grains by weight and by the spoon. */
export const spooned = (grams: number): string =>
  `${Math.round(grams)} g (${kitchenVolume(grams / spoon) ?? 'many cups'})`;

/** How a jar's grains stand, in words. */
export function grainsWords({ grams, driedGrams, perLitre, perSugar, growth }: GrainCount): string {
  if (driedGrams > 0)
    return `${spooned(driedGrams)} went in dried: about ${spooned(grams)} once swollen. Weigh them wet, and they count as they are.`;
  const grown =
    growth === null
      ? 'Weigh them now and then: two weighings tell how fast they grow.'
      : growth < -0.005
        ? `They shrink by about ${Math.round(-growth * 100)} % a cycle.`
        : `They grow by about ${Math.round(growth * 100)} % a cycle.`;
  const sugar = perSugar === null ? '' : ` and ${perSugar.toFixed(1)} g for each gram of sugar`;
  return `${spooned(grams)} of grains, ${Math.round(perLitre)} g a litre${sugar}. ${grown}`;
}

const where: Readonly<Record<string, string>> = {
  jar: 'into other jars',
  given: 'given away',
  dried: 'dried',
  eaten: 'eaten',
  discarded: 'thrown out',
  lost: 'lost',
};

/** What became of grains taken off; null when none were. */
export function surplusWords(surplus: Readonly<Record<string, number>>): string | null {
  const parts = Object.entries(surplus).map(([use, grams]) => `${Math.round(grams)} g ${where[use] ?? use}`);
  return parts.length > 0 ? `Taken off so far: ${parts.join(', ')}.` : null;
}
