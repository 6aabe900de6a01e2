import { useLocalSearchParams } from 'expo-router';
import { everyLot, lotOf } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import { pitchOf } from '@/core/lots/pitch';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { SplitView } from '@/ui/layout/split-view';
import { useWide } from '@/ui/layout/use-wide';
import { ChooseOne } from '@/ui/layout/choose-one';
import { Nowhere } from '@/ui/layout/nowhere';
import { BrewDetail } from './brew-detail';
import { BrewList } from './brew-list';
import { brewRows } from './brew-rows';
import { useForecasts } from '../forecasting/forecasts';
import { NewBrew } from './lazy';
import { t } from '@/core/language/t';

/** Brews: the list, one of them, or both side by side. */
export function BrewsPlace() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const wide = useWide();
  const rows = wide && !id ? brewRows(household, forecasts) : [];
  const first = (rows.find(({ bottles }) => bottles.some(({ place }) => place !== 'fridge')) ?? rows[0])
    ?.brew;
  const lot = id ? lotOf(household, id) : first;
  if (id && lot?.role !== 'brew') return <Nowhere what="brew" back="/brews" />;
  return (
    <SplitView
      list={<BrewList chosen={lot?.id ?? null} />}
      detail={lot ? <BrewDetail key={lot.id} lot={lot} /> : null}
      placeholder={<ChooseOne words={t`A brew begun shows here.`} />}
    />
  );
}

/** A new brew, from the starter asked for or the first on the shelf. */
export function NewBrewPlace() {
  const {
    starter: asked,
    add,
    recipe,
    again,
    ml,
  } = useLocalSearchParams<{
    starter?: string;
    add?: string;
    recipe?: string;
    again?: string;
    ml?: string;
  }>();
  const household = useAppSelector(selectHousehold);
  const starters = everyLot(household)
    .filter(
      (lot) =>
        isLiving(lot) &&
        (lot.role === 'starter' ||
          (lot.role === 'brew' && pitchOf(lot, (id) => lotOf(household, id)) !== null)),
    )
    .sort(
      (a, b) =>
        Number(b.role === 'starter') - Number(a.role === 'starter') ||
        Number(b.id === asked) - Number(a.id === asked) ||
        Number(a.vessel.kind === 'packet') - Number(b.vessel.kind === 'packet') ||
        Number(a.place === 'fridge') - Number(b.place === 'fridge') ||
        (a.id > b.id ? -1 : 1),
    );
  return (
    <SplitView
      list={<BrewList chosen={null} />}
      detail={
        <NewBrew
          key={recipe ? `${recipe} ${ml ?? ''}` : again}
          starters={starters}
          from={asked}
          add={add}
          recipe={recipe}
          again={again}
          ml={ml}
        />
      }
    />
  );
}
