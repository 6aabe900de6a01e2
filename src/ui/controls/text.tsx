import type { ReactNode } from 'react';
import { Text as NativeText, type StyleProp, type TextStyle } from 'react-native';
import { type, type TypeName } from '../theme/type';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly as?: TypeName;
  readonly color?: string;
  readonly style?: StyleProp<TextStyle>;
  readonly children: ReactNode;
  readonly level?: 1 | 2 | 3;
  readonly lines?: number;
  readonly live?: boolean;
  readonly testID?: string;
}

/** Text in one of our sizes; a level makes it a heading for screen readers. */
export function Text({ as = 'body', color, style, children, level, lines, live, testID }: Props) {
  const roles = useRoles();
  const heading = level ? ({ role: 'heading', 'aria-level': level } as const) : {};
  return (
    <NativeText
      {...heading}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
      numberOfLines={lines}
      testID={testID}
      style={[type[as], { color: color ?? roles.text }, style]}
    >
      {children}
    </NativeText>
  );
}
