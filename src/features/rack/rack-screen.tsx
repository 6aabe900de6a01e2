import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import { celsiusAt, placeIds } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { errandsOf } from '@/core/tasks/sources/pressure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { placeWords } from '@/words/names';
import { useForecasts } from '../forecasting/forecasts';
import { Crate } from './crate';
import { HandSheet } from './hand-sheet';
import { shelve, type RackOrder, type Shelved } from './rack-order';
import { NoBottles, RackTools } from './rack-tools';
import { capital } from '@/core/capital';
import { FoundOne, PowerCut } from './lazy';
import { KitchenClock } from '../clock/lazy';
import { plural, t } from '@/core/language/t';

/** Every closed bottle in its crate: by place with the one nearest its limit first, or by closing window; one, several or all in hand. */
export function RackScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const router = useRouter();
  const wide = useWide();
  const { bottle: asked } = useLocalSearchParams<{ bottle?: string }>();
  const forecasts = useForecasts();
  const [order, setOrder] = useState<RackOrder>('limit');
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null);
  const [inHand, setInHand] = useState(false);
  const [mishap, setMishap] = useState<'power' | 'found' | null>(null);
  const shelved = shelve(
    forecasts.living,
    forecasts.lotAnswer,
    now,
    order,
    errandsOf({ ...forecasts, household, now }),
  );
  const chosen = asked ? lotOf(household, asked) : undefined;
  // One that was opened stays in hand: it is tasted next.
  const handled = (lot: Lot | undefined): lot is Lot => lot?.role === 'bottle' && !lot.ended;
  const choose = (id: string | null) => router.setParams({ bottle: id ?? undefined });
  const tap = (id: string) => {
    if (!picked) return choose(id);
    const next = new Set(picked);
    if (!next.delete(id)) next.add(id);
    setPicked(next);
  };
  const several = picked ? shelved.filter(({ lot }) => picked.has(lot.id)).map(({ lot }) => lot) : [];
  const put = () => {
    setPicked(null);
    setInHand(false);
  };
  const crates = (
    <View style={{ gap: gap.large, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {shelved.length === 0 ? (
        <NoBottles />
      ) : (
        <RackTools
          order={order}
          onOrder={setOrder}
          picking={picked !== null}
          count={several.length}
          onPick={() => setPicked(picked ? null : new Set())}
          onHand={() => setInHand(true)}
        />
      )}
      {order === 'closing' ? (
        <Crate
          title={t`By closing window`}
          note={t`the first to close first`}
          bottles={shelved}
          now={now}
          picked={picked}
          onChoose={tap}
        />
      ) : (
        placeIds.map((place) => (
          <Crate
            key={place}
            title={capital(placeWords[place])}
            note={
              place === 'fridge'
                ? t`${celsiusAt(household.warmths, place, now).toFixed(0)} °C, still slowly rising`
                : t`${celsiusAt(household.warmths, place, now).toFixed(1)} °C`
            }
            bottles={shelved.filter(({ lot }: Shelved) => lot.place === place)}
            now={now}
            picked={picked}
            onChoose={tap}
          />
        ))
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton quiet label={t`The power was out`} onPress={() => setMishap('power')} />
        <InkButton
          quiet
          label={t`Found one`}
          hint={t`Found a forgotten bottle`}
          onPress={() => setMishap('found')}
        />
        <InkButton quiet label={t`Bottles and jars`} onPress={() => router.navigate('/bottles')} />
        {wide ? null : (
          <InkButton quiet label={t`The kitchen’s clock`} onPress={() => router.navigate('/clock')} />
        )}
      </View>
    </View>
  );
  return (
    <Screen
      title={t`Rack`}
      over={`${plural(shelved.length, 'closed bottle')}. ${order === 'limit' ? t`Nearest the limit first.` : t`The first to close first.`}`}
      width={1360}
    >
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          {crates}
          <View style={{ flex: 1, minWidth: 0, maxWidth: 620 }}>
            <KitchenClock now={now} beside />
          </View>
        </View>
      ) : (
        crates
      )}
      {handled(chosen) ? <HandSheet lots={[chosen]} now={now} onClose={() => choose(null)} /> : null}
      {inHand && several.length > 0 ? <HandSheet lots={several} now={now} onClose={put} /> : null}
      {mishap === 'power' ? <PowerCut now={now} onClose={() => setMishap(null)} /> : null}
      {mishap === 'found' ? <FoundOne now={now} onClose={() => setMishap(null)} /> : null}
    </Screen>
  );
}
