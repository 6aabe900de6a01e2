import type { GrainCount } from '@/core/starter/renewal';

/** How a jar's grains stand, in words. */
export function grainsWords({ grams, driedGrams, perLitre, growth }: GrainCount): string {
  if (driedGrams > 0)
    return `${Math.round(driedGrams)} g went in dried: about ${Math.round(grams)} g once swollen. Weigh them wet, and they count as they are.`;
  const grown =
    growth === null
      ? 'Weigh them now and then: two weighings tell how fast they grow.'
      : growth < -0.005
        ? `They shrink by about ${Math.round(-growth * 100)} % a cycle.`
        : `They grow by about ${Math.round(growth * 100)} % a cycle.`;
  return `${Math.round(grams)} g of grains, ${Math.round(perLitre)} g a litre. ${grown}`;
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
