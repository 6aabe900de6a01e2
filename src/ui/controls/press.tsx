import type { ReactNode } from 'react';
import { StyleSheet, type StyleProp, type ViewStyle } from 'react-native';
import { TouchableRipple, type TouchableRippleProps } from 'react-native-paper';
import { touch } from '../theme/shape';

interface Props extends Omit<TouchableRippleProps, 'style' | 'children'> {
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** Anything that can be pressed: big enough for a wet finger, with a focus ring for the keyboard (public/index.html). */
export function Press({ style, children, disabled, ...rest }: Props) {
  return (
    <TouchableRipple
      {...rest}
      disabled={disabled ?? false}
      style={[styles.base, style, disabled && styles.disabled]}
    >
      <>{children}</>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  base: { minHeight: touch, minWidth: touch, justifyContent: 'center' },
  disabled: { opacity: 0.45 },
});
