import { useLocalSearchParams } from 'expo-router';
import { everyLot, lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { SplitView } from '@/ui/layout/split-view';
import { useWide } from '@/ui/layout/use-wide';
import { ChooseOne } from '@/ui/layout/choose-one';
import { Nowhere } from '@/ui/layout/nowhere';
import { StarterList } from './starter-list';
import { BeginScreen, PacketDetail, StarterDetail } from './lazy';
import { t } from '@/core/language/t';

const Detail = ({ lot }: { readonly lot: Lot }) =>
  lot.vessel.kind === 'packet' ? <PacketDetail lot={lot} /> : <StarterDetail lot={lot} />;

/** Starters: the list, one of them, or both side by side. */
export function StartersPlace() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const household = useAppSelector(selectHousehold);
  const wide = useWide();
  const first = everyLot(household)
    .filter(({ role, ended }) => role === 'starter' && !ended)
    .sort((a, b) => (a.id > b.id ? -1 : 1))[0];
  const lot = id ? lotOf(household, id) : wide ? first : undefined;
  if (id && lot?.role !== 'starter') return <Nowhere what="starter" back="/starters" />;
  return (
    <SplitView
      list={<StarterList chosen={lot?.id ?? null} />}
      detail={lot ? <Detail key={lot.id} lot={lot} /> : null}
      placeholder={<ChooseOne words={t`A jar begun shows here.`} />}
    />
  );
}

export const NewStarterPlace = () => (
  <SplitView list={<StarterList chosen={null} />} detail={<BeginScreen />} />
);
