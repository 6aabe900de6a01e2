import type { ReactNode, Ref } from 'react';
import { Text as NativeText, type StyleProp, type TextStyle } from 'react-native';
import { type, type TypeName } from '../theme/type';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly as?: TypeName;
  readonly color?: string;
  readonly style?: StyleProp<TextStyle>;
  /** None for a text that is written past React. */
  readonly children?: ReactNode;
  readonly ref?: Ref<NativeText>;
  readonly level?: 1 | 2 | 3;
  readonly lines?: number;
  readonly live?: boolean;
  /** May hold a name of the maker's own: a word of any length is broken, and never runs the page sideways. */
  readonly named?: boolean;
  readonly testID?: string;
}

const broken = { overflowWrap: 'anywhere', minWidth: 0, maxWidth: '100%' } as object;

/** Text in one of our sizes; a level makes it a heading for screen readers. */
export function Text({ as = 'body', color, style, children, level, lines, live, named, testID, ref }: Props) {
  const roles = useRoles();
  const heading = level ? ({ role: 'heading', 'aria-level': level } as const) : {};
  return (
    <NativeText
      {...heading}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
      ref={ref}
      numberOfLines={lines}
      testID={testID}
      style={[type[as], { color: color ?? roles.text }, named ? broken : null, style]}
    >
      {children}
    </NativeText>
  );
}
