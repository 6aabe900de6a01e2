import { View } from 'react-native';
import type { Recipe } from '@/core/recipes/recipe';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { WorktopJar } from '@/ui/drawings/worktop-jar';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { lifeWords, outlookWords } from '@/words/brews/outlook-words';
import type { Outlook } from './outlook';
import { accountOf } from './recipe-facts';
import { recipeLayers } from './recipe-layers';
import type { Strength } from './use-strengths';
import { t } from '@/core/language/t';

interface Props {
  readonly recipe: Recipe;
  readonly outlook: Outlook;
  readonly strength: Strength | null;
}

/** A recipe as its litre looks, with what it takes today: its starter, how soon, how strong, what is missing. */
export function RecipeCard({ recipe, outlook, strength }: Props) {
  const roles = useRoles();
  const now = useNow();
  const sugar = Math.round(accountOf(recipe).totalGramsPerLitre);
  const more = [
    `${sugar} g/L`,
    ...(strength ? [t`${strength[0].toFixed(1)}–${strength[1].toFixed(1)} % alcohol`] : []),
    ...(recipe.version > 1 ? [t`version ${recipe.version}`] : []),
    ...(recipe.rating ? [t`${recipe.rating} of 5`] : []),
  ];
  return (
    <PressLink
      aria-label={recipe.name}
      href={`/brews/recipe?id=${recipe.id}`}
      style={{ flexGrow: 1, flexBasis: 340, maxWidth: 480 }}
    >
      <Card>
        <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'center' }}>
          <WorktopJar jarMl={1150} layers={recipeLayers(recipe)} label="" height={92} />
          <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
            <Text as="subheading" lines={2}>
              {recipe.name}
            </Text>
            <Text>{lifeWords(recipe.culture, outlook.life, outlook.jar?.name ?? null)}</Text>
            <Text color={roles.softText}>{more.join(' · ')}</Text>
            <Text color={roles.softText}>{outlookWords(outlook, now)}</Text>
          </View>
        </View>
      </Card>
    </PressLink>
  );
}
