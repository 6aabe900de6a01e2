import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { useAct } from '../acts/act-context';
import { actKinds, actLabels, type ActKind } from './act-kinds';
import { LotSheet } from './lazy';
import { t } from '@/core/language/t';

/** Which sheet is open, and whether all acts are shown. Kept by the page: its parts come and go as answers do. */
export interface ActsState {
  readonly open: ActKind | null;
  readonly more: boolean;
  readonly onOpen: (open: ActKind | null) => void;
  readonly onMore: (more: boolean) => void;
}

export function useActsState(): ActsState {
  const [open, onOpen] = useState<ActKind | null>(null);
  const [more, onMore] = useState(false);
  return { open, more, onOpen, onMore };
}

/** The same short row of acts on every lot: what goes in, what goes out, what is seen, tasted, read, where it stands, its end. */
export function LotActs({ lot }: { readonly lot: Lot }) {
  const state = useActsState();
  return (
    <>
      <ActsRow lot={lot} state={state} />
      <ActsSheet lot={lot} state={state} />
    </>
  );
}

interface RowProps {
  readonly lot: Lot;
  readonly state: ActsState;
  /** The few that fit what it is now, in the row itself; the others stand behind “More”. All of them where it is left out. */
  readonly few?: readonly ActKind[];
  /** What is done next with it, first in the row. */
  readonly children?: ReactNode;
}

/** The buttons; what they open is the page's to show (ActsSheet). */
export function ActsRow({ lot, state, few, children }: RowProps) {
  const roles = useRoles();
  const act = useAct();
  if (lot.ended) return children ? <View style={styles.row}>{children}</View> : null;
  const stir = () => act({ kind: 'stirred', lots: [lot.id] }, t`Stirred ${lot.name}.`);
  const vent = () => act({ kind: 'vented', lots: [lot.id], long: false }, t`Burped ${lot.name}.`);
  const quick = lot.closure === 'sealed' ? { label: t`Burp`, press: vent } : { label: t`Stir`, press: stir };
  const button = (label: string, press: () => void) => (
    <Press
      key={label}
      role="button"
      aria-label={label}
      onPress={press}
      style={[
        styles.act,
        few ? styles.narrow : null,
        corners.pill,
        { borderColor: roles.button, backgroundColor: roles.card },
      ]}
    >
      <Text as="strong">{label}</Text>
    </Press>
  );
  const ofKind = (kind: ActKind) => button(actLabels[kind], () => state.onOpen(kind));
  const first = few ?? actKinds.slice(0, 3);
  const rest = actKinds.filter((kind) => !first.includes(kind));
  return (
    <View role="group" aria-label={t`Acts`} style={styles.row}>
      {children}
      {first.map(ofKind)}
      {few ? button(state.more ? t`Fewer` : t`More…`, () => state.onMore(!state.more)) : null}
      {state.more || !few ? (
        <>
          {button(quick.label, quick.press)}
          {rest.map(ofKind)}
        </>
      ) : null}
    </View>
  );
}

/** The sheet of the act that was chosen. */
export const ActsSheet = ({ lot, state }: Pick<RowProps, 'lot' | 'state'>) =>
  state.open ? <LotSheet lot={lot} kind={state.open} onClose={() => state.onOpen(null)} /> : null;

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
  narrow: { flexBasis: 64 },
});
