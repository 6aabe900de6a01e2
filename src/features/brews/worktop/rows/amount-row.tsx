import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { ingredientColour } from '@/ui/theme/ingredient-colours';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

interface Props {
  /** The ingredient, for its colour. */
  readonly what: string;
  readonly family: string;
  readonly name: string;
  readonly amount: string;
  readonly beside: string;
  /** Whether it followed the last turn. */
  readonly followed: boolean;
  readonly open: boolean;
  /** Left out for what only follows. */
  readonly onPress?: () => void;
  readonly children?: ReactNode;
}

/** An amount on the worktop: its colour in the jar, its name, how much; opened it is turned. */
export function AmountRow(props: Props) {
  const { what, family, name, amount, beside, followed, open, onPress, children } = props;
  const roles = useRoles();
  const line = (
    <View style={styles.line}>
      <View
        style={[styles.swatch, { backgroundColor: ingredientColour(what, family), borderColor: roles.text }]}
        aria-hidden
      />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Text as="strong" lines={1}>
          {name}
        </Text>
        <Text color={roles.softText} lines={1}>
          {beside}
        </Text>
      </View>
      <View style={{ alignItems: 'flex-end' }}>
        <Text as="subheading">{amount}</Text>
        {followed ? <Text as="label" color={roles.brew}>{t`followed`}</Text> : null}
      </View>
    </View>
  );
  return (
    <View
      style={[
        corners.note,
        styles.row,
        {
          backgroundColor: roles.card,
          borderColor: open ? roles.brew : roles.hairline,
          borderWidth: open ? 2 : 1,
        },
      ]}
    >
      {onPress ? (
        <Press role="button" aria-expanded={open} aria-label={`${name}: ${amount}`} onPress={onPress}>
          {line}
        </Press>
      ) : (
        <View style={styles.still}>{line}</View>
      )}
      {open ? children : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { paddingHorizontal: gap.medium, paddingVertical: 4, gap: gap.small },
  line: { flexDirection: 'row', alignItems: 'center', gap: gap.medium },
  still: { minHeight: 48, justifyContent: 'center' },
  swatch: {
    width: 20,
    height: 28,
    borderWidth: 1,
    borderTopLeftRadius: 3,
    borderTopRightRadius: 3,
    borderBottomLeftRadius: 8,
    borderBottomRightRadius: 8,
  },
});
