import { useState } from 'react';
import { View } from 'react-native';
import type { BatchState } from '@/core/brew/batch-state';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { duration } from '../forms/words';
import { Ledger } from '../starters/ledger';
import { BottlesLine } from './bottles-line';
import { AccountCard } from './account-card';
import { later } from '../shell/later';
import { TasteSheet } from './taste-sheet';

const ForecastSection = later(async () => (await import('../forecasting/forecast-section')).ForecastSection);
const BottleSheet = later(async () => (await import('../forms/drawer')).BottleSheet);
const GravitySheet = later(async () => (await import('../forms/drawer')).GravitySheet);
const PitchSheet = later(async () => (await import('../forms/drawer')).PitchSheet);

type Open = 'pitch' | 'gravity' | 'taste' | 'bottle' | null;

/** One batch: forecast, what to do next, sugar account, ledger. */
export function BrewDetail({ batch }: { readonly batch: BatchState }) {
  const wide = useWide();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
  return (
    <Screen title={batch.name} over={overline(batch, now)} pane={wide} width={980}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {batch.stage === 'mixed' ? (
          <InkButton label="Pitch the starter" onPress={() => setOpen('pitch')} />
        ) : null}
        {batch.stage === 'first-ferment' ? (
          <InkButton label="Bottle it" onPress={() => setOpen('bottle')} />
        ) : null}
        {batch.pitchedAt !== null && batch.stage !== 'finished' ? (
          <>
            <InkButton quiet label="Taste" onPress={() => setOpen('taste')} />
            <InkButton quiet label="Gravity" onPress={() => setOpen('gravity')} />
          </>
        ) : null}
      </View>
      {batch.stage === 'mixed' ? (
        <Note tone="caution">
          Let it cool below 30 °C first: cool to the touch is where batches die. A lidded 5 L pot takes about
          six hours, an ice bath half an hour.
        </Note>
      ) : (
        <ForecastSection batch={batch} household={household} now={now} />
      )}
      <BottlesLine batch={batch} />
      <AccountCard batch={batch} starterName={household.starters[batch.starterId]?.name ?? 'its starter'} />
      <Ledger rows={batch.ledger} now={now} />
      {open === 'pitch' ? (
        <PitchSheet batch={batch} starter={household.starters[batch.starterId]} onClose={close} />
      ) : null}
      {open === 'gravity' ? <GravitySheet batch={batch} onClose={close} /> : null}
      {open === 'taste' ? <TasteSheet batch={batch} onClose={close} /> : null}
      {open === 'bottle' ? <BottleSheet batch={batch} onClose={close} /> : null}
    </Screen>
  );
}

function overline(batch: BatchState, now: number): string {
  const hours = (from: number | null) => duration((now - (from ?? now)) / 3_600_000);
  switch (batch.stage) {
    case 'mixed':
      return 'Brews / mixed, not pitched';
    case 'first-ferment':
      return `Brews / first ferment, ${hours(batch.pitchedAt)}`;
    case 'bottled':
      return `Brews / second ferment, ${hours(batch.bottledAt)}`;
    case 'finished':
      return 'Brews / poured';
  }
}
