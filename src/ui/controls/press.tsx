import type { ReactNode } from 'react';
import { Pressable, StyleSheet, type PressableProps, type StyleProp, type ViewStyle } from 'react-native';
import { touch } from '../theme/shape';

interface Props extends Omit<PressableProps, 'style' | 'children'> {
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** Anything that can be pressed: big enough for a wet finger, with a focus ring for the keyboard (public/index.html). */
export function Press({ style, children, disabled, ...rest }: Props) {
  return (
    <Pressable
      {...rest}
      disabled={disabled}
      style={({ pressed }) => [styles.base, style, pressed && styles.pressed, disabled && styles.disabled]}
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
