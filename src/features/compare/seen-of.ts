import type { Beside } from './beside';
import { bottlingOf } from './bottling-of';
import { peopleOf } from '@/core/settings/person';
import type { Household } from '@/core/journal/household';
import { differenceIn } from '@/core/tasting/compare';
import { palateOf } from '@/core/tasting/palate';
import { meanScore, type Tasting } from '@/core/tasting/tastings';
import type { Seen } from '@/core/recipes/next-version';

const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

/** What was seen of a batch: how it tasted beside what its tasters like, how it opened, and which bottle was liked best. */
export function seenOf(
  bottles: readonly Beside[],
  household: Household,
  everySip: readonly Tasting[],
  now: number,
): Seen {
  const sips = bottles.flatMap(({ compared }) => compared.tastings);
  const opened = bottles.flatMap(({ compared }) => compared.opened ?? []);
  const ways = bottles.map(bottlingOf);
  const sweet = meanScore(sips, 'sweet');
  const tasters = [...new Set(sips.map(({ by }) => by).filter(Boolean))];
  const known = tasters.length > 0 ? tasters : peopleOf(household).map(({ name }) => name);
  const likes = (known.length > 0 ? known : ['']).map(
    (name) =>
      palateOf(
        name,
        everySip.filter(({ by }) => by === name),
        now,
      ).likes.sweet.step,
  );
  return {
    sweet: sweet && {
      tasted: sweet.mean,
      liked: likes.reduce((sum, step) => sum + step, 0) / likes.length,
    },
    aroma: meanScore(sips, 'aroma')?.mean ?? null,
    gushers: opened.filter(({ how }) => how === 'gusher').length,
    flat: opened.filter(({ how }) => how === 'still').length,
    opened: opened.length,
    best: bestOf(bottles),
    usual: {
      dose:
        ways.map(({ dose }) => dose).sort((a, b) => (a?.perLitre ?? 0) - (b?.perLitre ?? 0))[
          ways.length >> 1
        ] ?? null,
      headspaceCm: middle(ways.map(({ headspaceCm }) => headspaceCm)),
      warmDays: ways.length > 0 ? middle(ways.map(({ warmDays }) => warmDays ?? 0)) : null,
    },
  };
}

/** The bottle liked best, and how much to believe that it is liked better than the next. */
function bestOf(bottles: readonly Beside[]): Seen['best'] {
  const scored = bottles
    .filter(({ compared }) => compared.scores.liking)
    .sort((a, b) => b.compared.scores.liking!.mean - a.compared.scores.liking!.mean);
  const [first, second] = scored;
  if (!first || !second) return null;
  const difference = differenceIn('liking', first.compared.tastings, second.compared.tastings);
  return difference ? { ...bottlingOf(first), chance: difference.chance } : null;
}
