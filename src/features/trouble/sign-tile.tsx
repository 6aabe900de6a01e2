import type { TroubleSign } from '@/core/trouble/trouble-signs';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { SignPicture } from '@/ui/drawings/sign-picture';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { troubleSignWords } from '@/words/trouble/trouble-words';

interface Props {
  readonly sign: TroubleSign;
  readonly on: boolean;
  readonly onPress: () => void;
}

/** One sign to pick by eye or nose: its picture and its name. */
export function SignTile({ sign, on, onPress }: Props) {
  const roles = useRoles();
  const { label } = troubleSignWords[sign];
  return (
    <Press
      role="checkbox"
      aria-checked={on}
      aria-label={label}
      onPress={onPress}
      style={[
        corners.note,
        {
          width: 104,
          paddingVertical: 8,
          paddingHorizontal: 4,
          gap: 6,
          alignItems: 'center',
          justifyContent: 'flex-start',
          borderWidth: on ? 3 : 1,
          borderColor: on ? roles.button : roles.hairline,
          backgroundColor: roles.card,
        },
      ]}
    >
      <SignPicture sign={sign} />
      <Text as={on ? 'strong' : 'body'} style={{ textAlign: 'center' }}>
        {on ? `✓ ${label}` : label}
      </Text>
    </Press>
  );
}
