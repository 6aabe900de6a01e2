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
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { duration } from '@/words/moment';
import { useForecasts } from '../forecasting/forecasts';
import { ActsSheet, useActsState } from '../lots/lot-acts';
import { BrewActs } from './brew-acts';
import { BrewDrawing } from './brew-drawing';
import { BottlesLine } from './bottles-line';
import { brewRow, forecastLot, type BrewRow } from './brew-rows';
import { hourMs } from '@/core/duration';
import { ForecastSection } from '../forecasting/lazy';
import { AccountCard, PitchSheet, SecondRun } from './lazy';
import { Tending } from '../brewday/lazy';
import { BeginningGuide } from '../starters/lazy';
import { LotExtras } from '../lots/lazy';
import { t } from '@/core/language/t';

/** One brew: what to do next, its forecast, its sugar, where it came from, its ledger. */
export function BrewDetail({ lot }: { readonly lot: Lot }) {
  const wide = useWide();
  const router = useRouter();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const row = brewRow(lot, household, forecasts);
  const drawing = <BrewDrawing linked row={row} height={wide ? 140 : 112} />;
  const state = useActsState();
  const [pitching, setPitching] = useState(false);
  const acts = <BrewActs row={row} state={state} onPitch={() => setPitching(true)} />;
  return (
    <Screen title={lot.name} over={overline(row, now)} pane={wide} width={980}>
      {row.stage === 'mixed' ? (
        <>
          <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
            {drawing}
            <Text as="heading" level={2} style={{ flex: 1 }}>{t`Pitch it below 30 °C`}</Text>
          </View>
          {acts}
          {isHot(lot) ? (
            <Note tone="caution">{t`Let it cool first: cool to the touch is where batches die. A lidded 5 L pot takes about six hours, an ice bath half an hour.`}</Note>
          ) : null}
        </>
      ) : (
        <ForecastSection
          lot={forecastLot(row, (id) => forecasts.lotAnswer(id)?.chill?.latest ?? Infinity)}
          now={now}
          drawing={drawing}
          acts={acts}
        />
      )}
      {knownCultures(lot.culture)?.bare ? <BeginningGuide lot={lot} now={now} /> : null}
      {row.stage === 'first-ferment' ? <Tending lot={lot} now={now} /> : null}
      <BottlesLine brew={lot} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {lot.ended ? null : <SecondRun lot={lot} />}
        {row.stage === 'first-ferment' || row.stage === 'bottled' ? (
          <InkButton
            quiet
            label={t`Brew it again`}
            onPress={() => router.navigate(`/brews/new?again=${lot.id}`)}
          />
        ) : null}
      </View>
      <AccountCard lot={lot} now={now} />
      <LotExtras lot={lot} now={now} />
      <ActsSheet lot={lot} state={state} />
      {pitching ? <PitchSheet lot={lot} onClose={() => setPitching(false)} /> : null}
    </Screen>
  );
}

/** Whether a brew comes from the stove: cold bases need no cooling. */
const isHot = ({ recipe }: Lot): boolean =>
  recipe?.method === undefined || recipe.method.heat !== 'none' || recipe.method.water === 'boiled';

function overline({ brew, stage, pitch, bottles }: BrewRow, now: number): string {
  const hours = (from: number | undefined) => duration((now - (from ?? brew.begunAt)) / hourMs);
  switch (stage) {
    case 'mixed':
      return t`Brews / mixed, not pitched`;
    case 'first-ferment':
      return t`Brews / first ferment, ${hours(pitch?.at)}`;
    case 'bottled':
      return t`Brews / second ferment, ${hours(bottles[0]?.begunAt)}`;
    case 'finished':
      return t`Brews / poured`;
  }
}
