import type { ReactNode, Ref } from 'react';
import { View } from 'react-native';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { webStyle } from '@/ui/theme/web-style';

interface Props {
  readonly label: string;
  readonly testID: string;
  readonly edge: string;
  readonly ref?: Ref<View>;
  readonly children: ReactNode;
}

/** The answer of the handle: it stays in sight above the lanes while the hand moves below it. */
export function RidingCard({ label, testID, edge, ref, children }: Props) {
  const roles = useRoles();
  return (
    <View role="group" aria-label={label} testID={testID} style={rides}>
      <View
        ref={ref}
        style={[
          corners.card,
          {
            flexDirection: 'row',
            gap: gap.medium,
            alignItems: 'center',
            paddingHorizontal: gap.medium,
            paddingVertical: gap.small,
            borderWidth: 2,
            borderColor: edge,
            backgroundColor: roles.card,
          },
        ]}
      >
        {children}
      </View>
    </View>
  );
}

// A layer of its own, so that it is painted alone; a block, since a browser lays out no part of a flexible row by itself.
const rides = webStyle({
  position: 'sticky',
  top: 0,
  zIndex: 3,
  display: 'block',
  contain: 'content',
  willChange: 'transform',
});
