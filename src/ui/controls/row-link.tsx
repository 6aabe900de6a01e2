import { StyleSheet, View } from 'react-native';
import { List } from 'react-native-paper';
import { touch } from '../theme/shape';
import { type } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { useLink } from './press-link';
import { Icon } from '../icons/icon';

interface Props {
  readonly title: string;
  readonly words?: string;
  readonly href: string;
  /** Done before the page is left. */
  readonly onGo?: () => void;
}

/** A row that leads somewhere. */
export function RowLink({ title, words, href, onGo }: Props) {
  const roles = useRoles();
  const link = useLink(href, onGo);
  return (
    <List.Item
      title={title}
      titleNumberOfLines={3}
      titleStyle={[type.strong, { color: roles.text }]}
      {...(words ? { description: words, descriptionNumberOfLines: 4 } : {})}
      descriptionStyle={[type.body, { color: roles.softText }]}
      right={() => (
        <View style={styles.icon}>
          <Icon name="next" color={roles.softText} size={20} />
        </View>
      )}
      contentStyle={styles.content}
      {...link}
      style={styles.row}
    />
  );
}

const styles = StyleSheet.create({
  row: { minHeight: touch, paddingLeft: 0, paddingRight: 0, paddingVertical: 4 },
  content: { paddingLeft: 0 },
  icon: { width: 20, flexShrink: 0, justifyContent: 'center' },
});
