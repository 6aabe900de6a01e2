import { View } from 'react-native';
import { wentTo } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { lotOf } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { plural, t } from '@/core/language/t';

/** Where the bottles of a brew are, each a tap from its own page. */
export function BottlesLine({ brew }: { readonly brew: Lot }) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const bottles = wentTo(brew).flatMap(({ lotId }) => {
    const lot = lotId ? lotOf(household, lotId) : undefined;
    return lot?.role === 'bottle' ? [lot] : [];
  });
  if (bottles.length === 0) return null;
  const closed = bottles.filter(({ opened, ended }) => !opened && !ended);
  const cold = closed.filter(({ place }) => place === 'fridge').length;
  return (
    <View style={{ gap: gap.small }}>
      <View
        style={{
          flexDirection: 'row',
          flexWrap: 'wrap',
          alignItems: 'center',
          justifyContent: 'space-between',
          gap: gap.small,
        }}
      >
        <Text>{t`${plural(closed.length - cold, 'bottle')} warm, ${cold} in the fridge, ${bottles.length - closed.length} opened`}</Text>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {bottles.map((bottle) => (
          <PressLink
            key={bottle.id}

            aria-label={t`Bottle ${bottle.name}, its page`}
            href={`/bottles/${bottle.id}`}
            style={[corners.pill, { borderWidth: 1, borderColor: roles.softText, paddingHorizontal: 12 }]}
          >
            <Text>{t`Bottle ${bottle.name}${bottle.opened || bottle.ended ? t`, opened` : bottle.place === 'fridge' ? t`, cold` : ''}`}</Text>
          </PressLink>
        ))}
      </View>
    </View>
  );
}
