import type { ReactNode } from 'react';
import type { StyleProp, TextStyle } from 'react-native';
import { customText } from 'react-native-paper';
import type { TypeName } from '../theme/type';
import { useRoles } from '../theme/use-roles';

const Sized = customText<TypeName>();

export interface TextProps {
  readonly as?: TypeName;
  readonly color?: string;
  readonly style?: StyleProp<TextStyle>;
  readonly children: ReactNode;
  readonly level?: 1 | 2 | 3;
  readonly lines?: number;
  readonly live?: boolean;
  /** May hold a name of the maker's own: a word of any length is broken, and never runs the page sideways. */
  readonly named?: boolean;
  readonly testID?: string;
}

const broken = { overflowWrap: 'anywhere', minWidth: 0, maxWidth: '100%' } as object;

/** Text in one of our sizes; a level makes it a heading for screen readers. */
export function Text({ as = 'body', color, style, children, level, lines, live, named, testID }: TextProps) {
  const roles = useRoles();
  const heading = level ? ({ role: 'heading', 'aria-level': level } as const) : {};
  return (
    <Sized
      variant={as}
      {...heading}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
      {...(lines === undefined ? {} : { numberOfLines: lines })}
      testID={testID}
      style={[{ color: color ?? roles.text }, named ? broken : null, style]}
    >
      {children}
    </Sized>
  );
}
