import { StyleSheet } from 'react-native';
import { eveningBefore } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { HeadroomBar } from '@/ui/drawings/headroom-bar';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { closesWords } from '@/words/moment';
import { shareWords } from '@/words/chance';
import { lotName } from '@/words/names';
import { ruleOrder } from '@/words/tasks/rule-words';
import { markedWords, stageWords } from '@/words/tasks/watch-words';
import type { Shelved } from './rack-order';
import { LotBottle } from './lot-bottle';
import { t } from '@/core/language/t';

interface Props {
  readonly shelved: Shelved;
  readonly volumes: number;
  readonly now: number;
  /** Whether it is one of those picked; undefined while none are being picked. */
  readonly picked?: boolean | undefined;
  readonly onPress: () => void;
}

/** One bottle in its crate, with its headroom, and in words why it is marked. */
export function RackBottle({
  shelved: { lot, watch, closesAt, rule },
  volumes,
  now,
  picked,
  onPress,
}: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const name = lotName(lot, household);
  const grave = watch?.stage === 'do-not-handle' || watch?.stage === 'chill-now';
  const words = watch
    ? t`${shareWords(watch.share)} of what it bears`
    : lot.closure === 'sealed'
      ? '…'
      : t`not sealed`;
  const why = watch ? markedWords(watch) : '';
  const look = rule ? t`${ruleOrder(rule, now)}, or ` : '';
  const closes = Number.isFinite(closesAt)
    ? `${look}${lot.place === 'fridge' ? t`best opened` : 'chill'} ${closesWords(eveningBefore(closesAt, now), now, wakingOf(household))}`
    : '';
  return (
    <Press
      role={picked === undefined ? 'button' : 'checkbox'}
      {...(picked === undefined ? {} : { 'aria-checked': picked })}
      aria-label={`${name}: ${watch ? t`about ${shareWords(watch.share)} of what it bears (${Math.round(watch.share * 100)} percent)${why ? `, ${why}` : ''}` : t`being worked out`}${closes ? `; ${closes}` : ''}`}
      onPress={onPress}
      style={[
        styles.cell,
        corners.note,
        {
          backgroundColor: picked ? roles.well : roles.card,
          borderColor: picked ? roles.text : grave ? roles.danger : roles.hairline,
          borderWidth: picked ? 3 : 1.5,
        },
      ]}
    >
      <LotBottle lot={lot} volumes={volumes} litreHeight={112} />
      <HeadroomBar share={watch?.share ?? 0} edge={watch?.edge ?? 0} label="" />
      {lot.vessel.kind === 'plastic-soda' && !lot.opened ? (
        <Text as="label" style={styles.name}>{t`pilot: squeeze it`}</Text>
      ) : null}
      <Text as="label" style={styles.name}>
        {words}
      </Text>
      {watch && watch.stage !== 'at-ease' && !rule ? (
        <Text as="label" color={grave ? roles.danger : roles.text} style={styles.name}>
          {`${stageWords[watch.stage]}: ${why}`}
        </Text>
      ) : closes ? (
        <Text as="label" style={styles.name}>
          {closes}
        </Text>
      ) : null}
      <Text as="label" lines={2} color={roles.softText} style={styles.name}>
        {`${name.replace(/, bottle .*$/, '')}${lot.variant ? `: ${lot.variant}` : ''}`}
      </Text>
    </Press>
  );
}

const styles = StyleSheet.create({
  cell: { width: 104, alignItems: 'center', paddingVertical: 10, paddingHorizontal: 4, gap: 4 },
  name: { maxWidth: 102, textAlign: 'center' },
});
