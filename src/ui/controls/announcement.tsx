import { Banner } from 'react-native-paper';
import { touch } from '../theme/shape';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly children: string;
  readonly action: string;
  readonly onAction: () => void;
  readonly testID?: string;
}

/** A line across the page that waits for an answer, whenever there is time for it. */
export function Announcement({ children, action, onAction, testID }: Props) {
  const roles = useRoles();
  return (
    <Banner
      visible
      {...(testID ? { testID } : {})}
      elevation={0}
      style={{ backgroundColor: roles.well }}
      actions={[{ label: action, onPress: onAction, contentStyle: { minHeight: touch } }]}
    >
      {children}
    </Banner>
  );
}
