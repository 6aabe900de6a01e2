import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';

interface Props {
  readonly label: string;
  readonly testID: string;
  readonly edge: string;
  readonly children: ReactNode;
}

/** The answer of the handle: it stays in sight above the lanes while the hand moves below it. */
export function RidingCard({ label, testID, edge, children }: Props) {
  const roles = useRoles();
  // A layer of its own, laid out for itself: what changes in it while a hand moves lays out and paints nothing else.
  const rides = {
    position: 'sticky',
    top: 0,
    zIndex: 3,
    contain: 'content',
    willChange: 'transform',
  } as unknown as ViewStyle;
  return (
    <View
      role="group"
      aria-label={label}
      testID={testID}
      style={[
        corners.card,
        {
          flexDirection: 'row',
          gap: gap.medium,
          alignItems: 'center',
          padding: gap.medium,
          borderWidth: 2,
          borderColor: edge,
          backgroundColor: roles.card,
        },
        rides,
      ]}
    >
      {children}
    </View>
  );
}
