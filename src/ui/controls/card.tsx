import type { ReactNode } from 'react';
import type { StyleProp, ViewStyle } from 'react-native';
import { Surface } from 'react-native-paper';
import { corners, gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly children: ReactNode;
  /** Colour of a heavy outline, for what needs hands first. */
  readonly edge?: string;
  readonly style?: StyleProp<ViewStyle>;
  readonly label?: string;
  readonly testID?: string;
}

/** A raised piece of paper with uneven corners. */
export function Card({ children, edge, style, label, testID }: Props) {
  const roles = useRoles();
  return (
    <Surface
      {...(label ? { role: 'group' as const, 'aria-label': label } : {})}
      {...(testID ? { testID } : {})}
      mode="flat"
      elevation={0}
      style={[
        corners.card,
        {
          backgroundColor: roles.card,
          borderWidth: edge ? 2 : 1,
          borderColor: edge ?? roles.hairline,
          padding: gap.large,
          gap: gap.medium,
        },
        style,
      ]}
    >
      {children}
    </Surface>
  );
}
