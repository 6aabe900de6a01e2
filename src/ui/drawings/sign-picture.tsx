import { View } from 'react-native';
import Svg from 'react-native-svg';
import type { TroubleSign } from '@/core/trouble/trouble-signs';
import { useRoles } from '../theme/use-roles';
import { sights } from './sign-sights';
import { Mouth, smells } from './sign-smells';

interface Props {
  readonly sign: TroubleSign;
  readonly size?: number;
}

/** A sign as it looks through the glass, or as it rises from the mouth of the jar. */
export function SignPicture({ sign, size = 64 }: Props) {
  const roles = useRoles();
  const smell = smells[sign];
  return (
    <View aria-hidden>
      <Svg width={size} height={size} viewBox="0 0 64 64">
        {smell ? <Mouth roles={roles}>{smell(roles)}</Mouth> : sights[sign]?.(roles)}
      </Svg>
    </View>
  );
}
