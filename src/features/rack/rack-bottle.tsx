import { StyleSheet } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { vesselKind } from '@/core/gas/vessels';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { Bottle } from '@/ui/drawings/bottle';
import { HeadroomBar } from '@/ui/drawings/headroom-bar';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';

interface Props {
  readonly bottle: BottleState;
  readonly batch: BatchState;
  readonly pressure: { readonly median: number; readonly edge: number; readonly volumes: number } | null;
  readonly onPress: () => void;
}

/** One bottle on its shelf, with its headroom. */
export function RackBottle({ bottle, batch, pressure, onPress }: Props) {
  const roles = useRoles();
  const limit = Math.max(0.1, vesselKind(bottle.vessel).limitBar);
  const share = (pressure?.median ?? 0) / limit;
  const edge = (pressure?.edge ?? 0) / limit;
  const words = pressure ? `${Math.round(share * 100)} %` : '…';
  return (
    <Press
      role="button"
      aria-label={`${batch.name}, bottle ${bottle.number}: ${pressure ? `about ${Math.round(share * 100)} percent of its limit` : 'being reckoned'}`}
      onPress={onPress}
      style={[
        styles.cell,
        corners.note,
        { backgroundColor: roles.card, borderColor: edge >= 1 ? roles.danger : roles.hairline },
      ]}
    >
      <Bottle
        bottleMl={bottle.bottleMl}
        headspaceMl={bottle.headspaceMl}
        number={bottle.number}
        volumes={pressure?.volumes ?? 0}
        cold={bottle.place === 'fridge'}
        plastic={bottle.vessel === 'plastic-soda'}
        label=""
        litreHeight={120}
      />
      <HeadroomBar share={share} edge={edge} label="" />
      <Text as="label">{words} of limit</Text>
      <Text as="label" lines={1} color={roles.softText} style={styles.name}>
        {batch.name}
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
  name: { maxWidth: 100 },
});
