import { StyleSheet, View } from 'react-native';
import type { Action } from '@/core/today/agenda';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import type { ForecastBook } from '../forecasting/forecast-book';
import { ActionButtons } from './action-buttons';
import { ActionPicture } from './action-picture';
import { describe } from './action-words';

interface Props {
  readonly action: Action;
  readonly now: number;
  readonly book: ForecastBook;
}

/** One thing to do: verb and amount, when, why, and the button that says it is done. */
export function ActionCard({ action, now, book }: Props) {
  const roles = useRoles();
  const words = describe(action, now);
  const urgent = action.kind === 'chill' && action.from <= now;
  const accent =
    action.kind === 'feed' ? roles.starter : action.kind === 'chill' ? roles.warning : roles.brew;
  return (
    <Card edge={urgent ? roles.warning : undefined} label={words.title} testID={`action-${action.kind}`}>
      <View style={styles.top}>
        <ActionPicture action={action} now={now} book={book} />
        <View style={styles.words}>
          <Text as="strong" color={accent}>
            {words.over}
          </Text>
          <Text as="heading" level={2}>
            {words.title}
          </Text>
          <Text color={roles.softText}>{words.because}</Text>
        </View>
      </View>
      <Ribbon span={action} now={now} {...ribbonClock(now)} summary={words.span} />
      <ActionButtons action={action} />
    </Card>
  );
}

const styles = StyleSheet.create({
  top: { flexDirection: 'row', gap: gap.medium, alignItems: 'flex-start' },
  words: { flex: 1, gap: 3 },
});
