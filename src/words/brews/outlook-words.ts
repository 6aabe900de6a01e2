import { knownCultures } from '@/core/cultures/registry';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { capital } from '@/core/capital';
import { inARow } from '../amounts';
import { atWords } from '../when';
import { t } from '@/core/language/t';

interface Outlook {
  readonly missing: readonly string[] | null;
  readonly season: 'now' | 'away' | null;
  readonly glass: { readonly usual: number } | null;
}

/** At most so many missing things are named. */
const named = 3;

/** What brings a recipe to life, and whether it is here. @param jar the name of the one that is */
export function lifeWords(
  cultureId: string,
  life: 'here' | 'none-needed' | 'bought' | 'to-begin',
  jar: string | null,
): string {
  const kind = knownCultures(cultureId)?.name ?? t`starter`;
  switch (life) {
    case 'here':
      return t`With ${jar ?? kind}`;
    case 'none-needed':
      return t`No starter needed`;
    case 'bought':
      return t`With ${kind}, from a shop`;
    case 'to-begin':
      return t`Needs a ${kind}`;
  }
}

/** How soon a glass, whether it is the season, and what is missing. @example "Glass Sunday evening · in season · missing quince" */
export function outlookWords({ missing, season, glass }: Outlook, now: number): string {
  const names = (missing ?? []).map((what) => ingredientOf(what).name.toLowerCase());
  const rest =
    names.length > named ? [...names.slice(0, named - 1), t`${names.length - named + 1} more`] : names;
  return capital(
    [
      ...(glass ? [t`glass about ${atWords(glass.usual, now)}`] : []),
      ...(season === null ? [] : [season === 'now' ? t`in season` : t`out of season`]),
      ...(missing === null ? [] : [names.length === 0 ? t`all in the house` : t`missing ${inARow(rest)}`]),
    ].join(' · '),
  );
}
