import type { GrainCount } from '@/core/starter/renewal';
import { kitchenVolume } from '../amounts';
import { t } from '@/core/language/t';

/** Grains level in a spoon, g/ml: wet ones. */
const spoon = 0.9;

/** Grains by weight and by the spoon. */
export const spooned = (grams: number): string =>
  t`${Math.round(grams)} g (${kitchenVolume(grams / spoon) ?? t`many cups`})`;

/** How a jar's grains stand, in words. */
export function grainsWords({ grams, driedGrams, perLitre, perSugar, growth }: GrainCount): string {
  if (driedGrams > 0)
    return t`${spooned(driedGrams)} went in dried: about ${spooned(grams)} once swollen. Weigh them wet, and they count as they are.`;
  const grown =
    growth === null
      ? t`Weigh them now and then: two weighings tell how fast they grow.`
      : growth < -0.005
        ? t`They shrink by about ${Math.round(-growth * 100)} % a cycle.`
        : t`They grow by about ${Math.round(growth * 100)} % a cycle.`;
  const sugar = perSugar === null ? '' : t` and ${perSugar.toFixed(1)} g for each gram of sugar`;
  return t`${spooned(grams)} of grains, ${Math.round(perLitre)} g a litre${sugar}. ${grown}`;
}

const where: Readonly<Record<string, string>> = {
  jar: t`into other jars`,
  given: t`given away`,
  dried: t`dried`,
  eaten: t`eaten`,
  discarded: t`thrown out`,
  lost: t`lost`,
};

/** What became of grains taken off; null when none were. */
export function surplusWords(surplus: Readonly<Record<string, number>>): string | null {
  const parts = Object.entries(surplus).map(([use, grams]) => t`${Math.round(grams)} g ${where[use] ?? use}`);
  return parts.length > 0 ? t`Taken off so far: ${parts.join(', ')}.` : null;
}
