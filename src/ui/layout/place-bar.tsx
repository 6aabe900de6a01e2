import { StyleSheet, View } from 'react-native';
import { PressLink } from '../controls/press-link';
import { Text } from '../controls/text';
import { Icon } from '../icons/icon';
import type { GlyphName } from '../icons/glyphs';
import { useRoles } from '../theme/use-roles';
import { t } from '@/core/language/t';

export interface PlaceItem {
  readonly href: string;
  readonly label: string;
  readonly icon: GlyphName;
}

interface Props {
  readonly items: readonly PlaceItem[];
  readonly here: string;
  readonly upright: boolean;
}

/** The places: a bar below on a phone, a rail at the side when wide. */
export function PlaceBar({ items, here, upright }: Props) {
  const roles = useRoles();
  const frame = upright ? styles.rail : styles.bar;
  return (
    <View
      role="navigation"
      aria-label={t`Places`}
      style={[frame, { backgroundColor: roles.card, borderColor: roles.hairline }]}
    >
      {items.map((item) => {
        const current = item.href === here;
        return (
          <PressLink
            key={item.href}
            href={item.href}
            aria-label={item.label}
            aria-current={current ? 'page' : undefined}
            style={upright ? styles.above : styles.item}
          >
            <View style={[styles.blot, current && { backgroundColor: roles.here }]}>
              <Icon name={item.icon} color={roles.text} />
            </View>
            <Text as="label" style={current && styles.current}>
              {item.label}
            </Text>
          </PressLink>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: 1, paddingVertical: 6 },
  rail: { width: 92, borderRightWidth: 1, paddingVertical: 16, gap: 12 },
  item: { alignItems: 'center', gap: 2, flexGrow: 1, flexBasis: 0 },
  above: { alignItems: 'center', gap: 2 },
  blot: {
    paddingHorizontal: 14,
    paddingVertical: 3,
    borderTopLeftRadius: 8,
    borderTopRightRadius: 14,
    borderBottomRightRadius: 8,
    borderBottomLeftRadius: 14,
  },
  current: { fontWeight: '600' },
});
