import { StyleSheet } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { HeadroomBar } from '@/ui/drawings/headroom-bar';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { lotName } from '@/words/names';
import type { PressureNow } from '../forecasting/pressure';
import { LotBottle } from './lot-bottle';

interface Props {
  readonly lot: Lot;
  readonly pressure: PressureNow | null;
  readonly onPress: () => void;
}

/** One bottle on its shelf, with its headroom. */
export function RackBottle({ lot, pressure, onPress }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const limit = Math.max(0.1, vesselKind(lot.vessel.kind).limitBar);
  const share = (pressure?.median ?? 0) / limit;
  const edge = (pressure?.edge ?? 0) / limit;
  const name = lotName(lot, household);
  const words = pressure
    ? `${Math.round(share * 100)} % of limit`
    : lot.closure === 'sealed'
      ? '…'
      : 'not sealed';
  return (
    <Press
      role="button"
      aria-label={`${name}: ${pressure ? `about ${Math.round(share * 100)} percent of its limit` : 'being reckoned'}`}
      onPress={onPress}
      style={[
        styles.cell,
        corners.note,
        { backgroundColor: roles.card, borderColor: edge >= 1 ? roles.danger : roles.hairline },
      ]}
    >
      <LotBottle lot={lot} volumes={pressure?.volumes ?? 0} litreHeight={120} />
      <HeadroomBar share={share} edge={edge} label="" />
      <Text as="label">{words}</Text>
      <Text as="label" lines={2} color={roles.softText} style={styles.name}>
        {name.replace(/, bottle .*$/, '')}
      </Text>
    </Press>
  );
}

const styles = StyleSheet.create({
  cell: {
    width: 110,
    alignItems: 'center',
    paddingVertical: 10,
    paddingHorizontal: 4,
    borderWidth: 1.5,
    gap: 4,
  },
  name: { maxWidth: 100, textAlign: 'center' },
});
