import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Progress } from '@/ui/controls/progress';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

interface FrameProps {
  readonly over: string;
  readonly at: number;
  readonly of: number;
  readonly children: ReactNode;
}

/** The page of counter mode: whose day it is, how far along, and the step itself. */
export function DayFrame({ over, at, of, children }: FrameProps) {
  const roles = useRoles();
  return (
    <View
      role="main"
      style={[styles.frame, { backgroundColor: roles.ground }]}
      tabIndex={0}
      testID="counter-mode"
    >
      <View style={styles.page}>
        <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'baseline' }}>
          <Text as="subheading" color={roles.brew} style={{ flex: 1 }} lines={1}>
            {over}
          </Text>
          <Text as="subheading" color={roles.softText}>
            {at < of ? t`${at + 1} of ${of}` : t`done`}
          </Text>
        </View>
        <Progress share={of === 0 ? 0 : Math.min(at, of) / of} />
        {children}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, overflow: 'scroll' },
  page: {
    padding: gap.large,
    gap: gap.large,
    width: '100%',
    maxWidth: 860,
    alignSelf: 'center',
    flexGrow: 1,
  },
});
