import { useLocalSearchParams } from 'expo-router';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { SplitView } from '@/ui/layout/split-view';
import { useWide } from '@/ui/layout/use-wide';
import { ChooseOne } from '../shell/choose-one';
import { Nowhere } from '../shell/nowhere';
import { BrewDetail } from './brew-detail';
import { BrewList } from './brew-list';
import { later } from '../shell/later';

const NewBrew = later(async () => (await import('../forms/drawer')).NewBrew);

/** Brews: the list, one of them, or both side by side. */
export function BrewsPlace() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const { batches } = useAppSelector(selectHousehold);
  const wide = useWide();
  const living =
    Object.values(batches).find((batch) =>
      batch.bottles.some(({ place, opened }) => place === 'counter' && !opened),
    ) ?? Object.values(batches)[0];
  const shown = id ?? (wide ? living?.id : undefined);
  const batch = shown ? batches[shown] : undefined;
  if (id && !batch) return <Nowhere what="brew" back="/brews" />;
  return (
    <SplitView
      list={<BrewList chosen={batch?.id ?? null} />}
      detail={batch ? <BrewDetail key={batch.id} batch={batch} /> : null}
      placeholder={<ChooseOne words="A brew begun shows here." />}
    />
  );
}

/** A new soda, from the starter asked for or the fullest jar on the counter. */
export function NewBrewPlace() {
  const { starter: asked } = useLocalSearchParams<{ starter?: string }>();
  const { starters } = useAppSelector(selectHousehold);
  const awake = Object.values(starters).sort(
    (a, b) =>
      Number(a.place === 'fridge') - Number(b.place === 'fridge') || mostDrawableMl(b) - mostDrawableMl(a),
  );
  const chosen = awake.find(({ id }) => id === asked) ?? awake[0];
  if (!chosen) return <Nowhere what="starter" back="/starters" />;
  return (
    <SplitView list={<BrewList chosen={null} />} detail={<NewBrew starters={awake} chosen={chosen} />} />
  );
}
