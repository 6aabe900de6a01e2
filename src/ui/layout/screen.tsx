import { usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { PressLink } from '../controls/press-link';
import { Text } from '../controls/text';
import { Icon } from '../icons/icon';
import { useWide } from './use-wide';
import { t } from '@/core/language/t';

interface Props {
  readonly title: string;
  /** A short line over the title: where we are. */
  readonly over?: string;
  readonly aside?: ReactNode;
  readonly children: ReactNode;
  /** In a detail pane the title is one level down and the pane is no landmark of its own. */
  readonly pane?: boolean;
  readonly width?: number;
}

/** A scrolling page with its headline. */
export function Screen({ title, over, aside, children, pane, width = 640 }: Props) {
  const roles = useRoles();
  const wide = useWide();
  const menu = !pane && !wide;
  return (
    <ScrollView
      {...(pane ? { role: 'region' as const, 'aria-label': title } : { role: 'main' as const })}
      // A long page without a button must still scroll by keyboard.
      tabIndex={0}
      style={{ backgroundColor: roles.ground, flex: 1 }}
      contentContainerStyle={[styles.content, { maxWidth: width }]}
    >
      <View style={styles.head}>
        <View style={[styles.words, menu && !aside && styles.besideMenu]}>
          {over ? <Text color={roles.softText}>{over}</Text> : null}
          <Text as="title" level={pane ? 2 : 1} style={aside ? styles.besides : undefined}>
            {title}
          </Text>
        </View>
        {aside ? <View style={menu ? styles.underMenu : undefined}>{aside}</View> : null}
        {menu ? <MenuLink /> : null}
      </View>
      {children}
    </ScrollView>
  );
}

/** What is not needed with wet hands, from the head of any page; a rail has it among the places. */
function MenuLink() {
  const roles = useRoles();
  if (usePathname() === '/more') return null;
  return (
    <PressLink href="/more" aria-label={t`More`} style={styles.menu}>
      <Icon name="more" color={roles.text} />
    </PressLink>
  );
}

const styles = StyleSheet.create({
  // The line that says what was done lies over the foot of a page: its last button stays free.
  content: { padding: gap.large, paddingBottom: 104, gap: gap.medium, width: '100%', alignSelf: 'center' },
  head: { flexDirection: 'row', gap: gap.medium, alignItems: 'flex-start', justifyContent: 'space-between' },
  words: { flex: 1, gap: 2 },
  menu: { position: 'absolute', top: -14, right: -8, alignItems: 'center' },
  besideMenu: { paddingRight: 40 },
  underMenu: { marginTop: 24 },
  /** A headline beside something keeps the height of two lines: what it counts may change, and nothing below moves. */
  besides: { fontSize: 28, lineHeight: 32, minHeight: 64 },
});
