import { View } from 'react-native';
import { useRoles } from '@/ui/theme/use-roles';

/** A thin line at the present. */
export function NowLine({ x, height }: { readonly x: number; readonly height: number }) {
  const roles = useRoles();
  return (
    <View
      aria-hidden
      style={{
        position: 'absolute',
        top: 0,
        left: x - 1,
        width: 2,
        height,
        backgroundColor: roles.text,
        pointerEvents: 'none',
      }}
    />
  );
}
