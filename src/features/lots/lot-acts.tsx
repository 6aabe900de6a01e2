import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { useAct } from '../acts/act-context';
import { actKinds, actLabels, type ActKind } from './act-kinds';
import { LotSheet } from './lazy';

interface Props {
  readonly lot: Lot;
}

/** The same short row of acts on every lot: what goes in, what goes out, what is seen, tasted, read, where it stands, its end. */
export function LotActs({ lot }: Props) {
  const roles = useRoles();
  const act = useAct();
  const [open, setOpen] = useState<ActKind | null>(null);
  if (lot.ended) return null;
  const stir = () => act({ kind: 'stirred', lots: [lot.id] }, `Stirred ${lot.name}.`);
  const vent = () => act({ kind: 'vented', lots: [lot.id], long: false }, `Burped ${lot.name}.`);
  const quick = lot.closure === 'sealed' ? { label: 'Burp', press: vent } : { label: 'Stir', press: stir };
  const button = (label: string, press: () => void) => (
    <Press
      key={label}
      role="button"
      aria-label={label}
      onPress={press}
      style={[styles.act, corners.pill, { borderColor: roles.button, backgroundColor: roles.card }]}
    >
      <Text as="strong">{label}</Text>
    </Press>
  );
  return (
    <View role="group" aria-label="Acts" style={styles.row}>
      {actKinds.slice(0, 3).map((kind) => button(actLabels[kind], () => setOpen(kind)))}
      {button(quick.label, quick.press)}
      {actKinds.slice(3).map((kind) => button(actLabels[kind], () => setOpen(kind)))}
      {open ? <LotSheet lot={lot} kind={open} onClose={() => setOpen(null)} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  act: {
    flexGrow: 1,
    flexBasis: '22%',
    maxWidth: 130,
    paddingHorizontal: 4,
    borderWidth: 1.5,
    alignItems: 'center',
  },
});
