import { useLocalSearchParams } from 'expo-router';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { SplitView } from '@/ui/layout/split-view';
import { useWide } from '@/ui/layout/use-wide';
import { ChooseOne } from '../shell/choose-one';
import { Nowhere } from '../shell/nowhere';
import { StarterDetail } from './starter-detail';
import { StarterList } from './starter-list';
import { later } from '../shell/later';

const NewStarter = later(async () => (await import('../forms/drawer')).NewStarter);

/** Starters: the list, one of them, or both side by side. */
export function StartersPlace() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const { starters } = useAppSelector(selectHousehold);
  const wide = useWide();
  const shown = id ?? (wide ? Object.keys(starters)[0] : undefined);
  const starter = shown ? starters[shown] : undefined;
  if (id && !starter) return <Nowhere what="starter" back="/starters" />;
  return (
    <SplitView
      list={<StarterList chosen={starter?.id ?? null} />}
      detail={starter ? <StarterDetail key={starter.id} starter={starter} /> : null}
      placeholder={<ChooseOne words="A jar begun shows here." />}
    />
  );
}

export const NewStarterPlace = () => (
  <SplitView list={<StarterList chosen={null} />} detail={<NewStarter />} />
);
