import type { ReactNode } from 'react';
import { Pressable, StyleSheet, type PressableProps, type StyleProp, type ViewStyle } from 'react-native';
import { touch } from '../theme/shape';
import { useRoles } from '../theme/use-roles';

interface Props extends Omit<PressableProps, 'style' | 'children'> {
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

interface WebState {
  readonly pressed: boolean;
  readonly focused?: boolean;
  readonly hovered?: boolean;
}

/** Anything that can be pressed: big enough for a wet finger, with a focus ring for the keyboard. */
export function Press({ style, children, disabled, ...rest }: Props) {
  const roles = useRoles();
  return (
    <Pressable
      {...rest}
      disabled={disabled}
      style={(state) => {
        const { pressed, focused } = state as WebState;
        return [
          styles.base,
          style,
          pressed && styles.pressed,
          disabled && styles.disabled,
          focused && { outlineWidth: 3, outlineStyle: 'solid', outlineColor: roles.bottle, outlineOffset: 2 },
        ] as StyleProp<ViewStyle>;
      }}
    >
      {children}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  base: { minHeight: touch, minWidth: touch, justifyContent: 'center' },
  pressed: { opacity: 0.75 },
  disabled: { opacity: 0.45 },
});
