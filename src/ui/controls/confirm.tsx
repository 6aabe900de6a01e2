import { View } from 'react-native';
import { Dialog, Portal } from 'react-native-paper';
import { useRoles } from '../theme/use-roles';
import { useHeldFocus } from './use-held-focus';
import { InkButton } from './ink-button';
import { Text } from './text';

interface Props {
  readonly title: string;
  readonly words: string;
  /** What cannot be taken back. */
  readonly yes: string;
  readonly no: string;
  readonly onYes: () => void;
  readonly onNo: () => void;
}

/** Asks once more before something that cannot be taken back. */
export const Confirm = (props: Props) => (
  <Portal>
    <Asked {...props} />
  </Portal>
);

function Asked({ title, words, yes, no, onYes, onNo }: Props) {
  const roles = useRoles();
  const box = useHeldFocus(onNo);
  return (
    <Dialog
      visible
      onDismiss={onNo}
      style={{ backgroundColor: roles.card, maxWidth: 480, alignSelf: 'center' }}
    >
      <View ref={box} role="alertdialog" aria-modal aria-label={title} tabIndex={-1}>
        <Dialog.Title>{title}</Dialog.Title>
        <Dialog.Content>
          <Text>{words}</Text>
        </Dialog.Content>
        <Dialog.Actions style={{ flexWrap: 'wrap', gap: 8 }}>
          <InkButton quiet label={no} onPress={onNo} />
          <InkButton danger label={yes} onPress={onYes} />
        </Dialog.Actions>
      </View>
    </Dialog>
  );
}
