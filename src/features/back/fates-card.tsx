import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import type { Lot } from '@/core/lots/lot';
import { fates, fatesOf, type Fate } from '@/core/tasting/bottle-fates';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import type { Roles } from '@/ui/theme/roles';
import { useRoles } from '@/ui/theme/use-roles';
import { fateWords } from '@/words/bottles/back-words';
import { plural, t } from '@/core/language/t';

/** A small bottle, and what is told of it inside: never by its colour alone. */
const outline = 'M6 1h4v5l3 5v12a2 2 0 0 1-2 2H5a2 2 0 0 1-2-2V11l3-5z';
const inside: Readonly<Record<Fate, string>> = {
  good: 'M5.4 17l2 2.6 3.2-5',
  flat: 'M5 17h6',
  gushed: 'M8 14v7M5.5 16.5L8 14l2.5 2.5',
  given: 'M5 17.5h6M8.5 15l2.5 2.5-2.5 2.5',
  wasted: 'M5.5 15l5 5M10.5 15l-5 5',
  burst: 'M4.5 13l3 3-2 2 4 4M11 14l-2 2.5',
  closed: '',
};
const inkOf = (fate: Fate, roles: Roles): string =>
  fate === 'good' || fate === 'given'
    ? roles.good
    : fate === 'closed'
      ? roles.bottle
      : fate === 'burst' || fate === 'gushed'
        ? roles.danger
        : roles.softText;

/** As many are drawn as can be taken in; each then stands for several. */
const most = 40;

/** Where the bottles went: one small bottle each. */
export function FatesCard({ lots }: { readonly lots: readonly Lot[] }) {
  const count = fatesOf(lots);
  const all = fates.reduce((sum, fate) => sum + count[fate], 0);
  if (all === 0) return null;
  const each = Math.max(1, Math.ceil(Math.max(...fates.map((fate) => count[fate])) / most));
  return (
    <Card label={t`Where the bottles went`} testID="fates">
      <Text as="subheading" level={2}>{t`Where ${plural(all, 'bottle')} went`}</Text>
      {fates
        .filter((fate) => count[fate] > 0)
        .map((fate) => (
          <View key={fate} style={{ gap: gap.hair }}>
            <Text>
              <Text as="strong">{String(count[fate])}</Text>
              {` ${fateWords[fate]}`}
            </Text>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 3 }} aria-hidden>
              {Array.from({ length: Math.ceil(count[fate] / each) }, (_, i) => (
                <SmallBottle key={i} fate={fate} />
              ))}
            </View>
          </View>
        ))}
      {each > 1 ? <Text>{t`Each drawn bottle stands for ${each}.`}</Text> : null}
    </Card>
  );
}

function SmallBottle({ fate }: { readonly fate: Fate }) {
  const roles = useRoles();
  const ink = inkOf(fate, roles);
  return (
    <Svg width={16} height={26} aria-hidden>
      <Path d={outline} fill={roles.card} stroke={ink} strokeWidth={1.6} />
      <Path d={inside[fate]} fill="none" stroke={ink} strokeWidth={1.8} />
    </Svg>
  );
}
