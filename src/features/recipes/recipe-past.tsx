import { litres } from '@/words/amounts';
import { View } from 'react-native';
import { everyLot } from '@/core/journal/household';
import { changesBetween } from '@/core/recipes/changes';
import type { Recipe } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { changeWords } from '@/words/brews/change-words';
import { moment } from '@/words/moment';
import { plural, t } from '@/core/language/t';

/** The versions of a recipe, and what changed since the last one. */
export function Versions({
  versions,
  shown,
}: {
  readonly versions: readonly Recipe[];
  readonly shown: Recipe;
}) {
  const roles = useRoles();
  const at = versions.indexOf(shown);
  const before = versions[at - 1];
  const changes = before ? changesBetween(before, shown) : [];
  if (versions.length < 2) return null;
  return (
    <Card label={t`Versions`} testID="versions">
      <Text as="subheading" level={2}>{t`Version ${shown.version} of ${versions.length}`}</Text>
      {before ? (
        <>
          <Text as="strong">{t`What changed since version ${before.version}`}</Text>
          {changes.length === 0 ? <Text>{t`Nothing in the amounts.`}</Text> : null}
          {changes.map((change, i) => (
            <Text key={i}>{changeWords(change)}</Text>
          ))}
        </>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {versions
          .filter((each) => each !== shown)
          .map((each) => (
            <PressLink
              key={each.version}

              aria-label={t`Version ${each.version}`}
              href={`/brews/recipe?id=${each.id}&version=${each.version}`}
            >
              <Text
                color={roles.brew}
                as="strong"
              >{t`Version ${each.version}${each.rating ? t`, ${each.rating} of 5` : ''}`}</Text>
            </PressLink>
          ))}
      </View>
    </Card>
  );
}

/** Brews that were made from it, and how they were liked. */
export function Batches({ recipe }: { readonly recipe: Recipe }) {
  const roles = useRoles();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const made = everyLot(household)
    .filter(({ recipe: of }) => of?.from?.id === recipe.id)
    .sort((a, b) => b.begunAt - a.begunAt);
  if (made.length === 0) return null;
  return (
    <Card label={t`Made from it`}>
      <Text as="subheading" level={2}>{t`Made ${plural(made.length, 'time')}`}</Text>
      {made.slice(0, 8).map((lot) => (
        <PressLink
          key={lot.id}

          aria-label={`${lot.name}, ${moment(lot.begunAt, now)}`}
          href={`/brews/${lot.id}`}
        >
          <Text
            color={roles.brew}
          >{t`${lot.name}, version ${lot.recipe!.from!.version}, ${moment(lot.begunAt, now)}: ${litres(lot.markMl)}`}</Text>
        </PressLink>
      ))}
    </Card>
  );
}
