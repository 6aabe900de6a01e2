import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { knownCultures } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { duration } from '@/words/moment';
import { useForecasts } from '../forecasting/forecasts';
import { LotActs } from '../lots/lot-acts';
import { BottlesLine } from './bottles-line';
import { brewRow, forecastLot, type BrewRow } from './brew-rows';
import { hourMs } from '@/core/duration';
import { ForecastSection } from '../forecasting/lazy';
import { AccountCard, PitchSheet, SecondRun } from './lazy';
import { Tending } from '../brewday/lazy';
import { BeginningGuide } from '../starters/lazy';
import { LotExtras } from '../lots/lazy';

/** One brew: what to do next, its forecast, its sugar, where it came from, its ledger. */
export function BrewDetail({ lot }: { readonly lot: Lot }) {
  const wide = useWide();
  const router = useRouter();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const row = brewRow(lot, household, forecasts);
  const [open, setOpen] = useState<'pitch' | null>(null);
  const close = () => setOpen(null);
  return (
    <Screen title={lot.name} over={overline(row, now)} pane={wide} width={980}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {stepsLeft(row) ? (
          <InkButton
            label="Go on, step by step"
            onPress={() => router.navigate(`/brews/day?brew=${lot.id}`)}
          />
        ) : null}
        {row.stage === 'mixed' ? (
          <InkButton quiet={stepsLeft(row)} label="Pitch the starter" onPress={() => setOpen('pitch')} />
        ) : null}
        {row.stage === 'first-ferment' ? (
          <InkButton label="Bottle it" onPress={() => router.navigate(`/brews/bottling?brew=${lot.id}`)} />
        ) : null}
        {lot.ended ? null : <SecondRun lot={lot} />}
      </View>
      {knownCultures(lot.culture)?.bare ? <BeginningGuide lot={lot} now={now} /> : null}
      <LotActs lot={lot} />
      {row.stage === 'mixed' ? (
        isHot(lot) ? (
          <Note tone="caution">
            Let it cool below 30 °C first: cool to the touch is where batches die. A lidded 5 L pot takes
            about six hours, an ice bath half an hour.
          </Note>
        ) : null
      ) : (
        <ForecastSection
          lot={forecastLot(row, (id) => forecasts.lotAnswer(id)?.chill?.latest ?? Infinity)}
          now={now}
        />
      )}
      {row.stage === 'first-ferment' ? <Tending lot={lot} now={now} /> : null}
      <BottlesLine brew={lot} />
      <AccountCard lot={lot} now={now} />
      <LotExtras lot={lot} now={now} />
      {open === 'pitch' ? <PitchSheet lot={lot} onClose={close} /> : null}
    </Screen>
  );
}

/** Whether a brew comes from the stove: cold bases need no cooling. */
const isHot = ({ recipe }: Lot): boolean =>
  recipe?.method === undefined || recipe.method.heat !== 'none' || recipe.method.water === 'boiled';

/** Whether a brew day was begun step by step and is not over. */
const stepsLeft = ({ brew, stage }: BrewRow): boolean =>
  brew.recipe?.method !== undefined &&
  (stage === 'mixed' || (stage === 'first-ferment' && brew.steps?.pitch !== undefined && !brew.steps.label));

function overline({ brew, stage, pitch, bottles }: BrewRow, now: number): string {
  const hours = (from: number | undefined) => duration((now - (from ?? brew.begunAt)) / hourMs);
  switch (stage) {
    case 'mixed':
      return 'Brews / mixed, not pitched';
    case 'first-ferment':
      return `Brews / first ferment, ${hours(pitch?.at)}`;
    case 'bottled':
      return `Brews / second ferment, ${hours(bottles[0]?.begunAt)}`;
    case 'finished':
      return 'Brews / poured';
  }
}
