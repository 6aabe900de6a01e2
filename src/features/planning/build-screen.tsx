import { refusalWords } from '@/words/refusals';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import { buildUpsOf } from '@/core/settings/build-up';
import { wakingOf } from '@/core/settings/waking-hours';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { parseMeasure } from '@/core/measures/parse-measure';
import { refusal, success, type Result } from '@/core/result';
import { planBuildUp } from '@/core/starter/build-up';
import { keptCulture } from '@/core/starter/feed-plan';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { volume } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { MomentField } from '../../ui/controls/moment-field';
import { useAct } from '../acts/act-context';
import { Nowhere } from '@/ui/layout/nowhere';
import { PlanCard } from './build-plan-card';
import { dayMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** So much of a starter, at its peak, by a time: which feeds, how much, when. */
export function BuildScreen() {
  const { lot: id } = useLocalSearchParams<{ lot?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = id ? lotOf(household, id) : undefined;
  if (!lot || !keptCulture(lot)) return <Nowhere what="starter" back="/starters" />;
  return <BuildForm lot={lot} />;
}

function BuildForm({ lot }: { readonly lot: Lot }) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const act = useAct();
  const router = useRouter();
  const culture = keptCulture(lot)!;
  const { unit } = culture;
  const kept = buildUpsOf(household).find(({ lotId }) => lotId === lot.id);
  const [text, setText] = useState(kept ? String(kept.amount) : unit === 'g' ? '60 g' : '300 ml');
  const [at, setAt] = useState(() => kept?.at ?? inThreeDays(now));
  const typed = amountTyped(text, unit);
  const amount = typed.ok ? typed.value : 0;
  const celsius = celsiusAt(household.warmths, lot.place === 'fridge' ? 'counter' : lot.place, now);
  const plan = planBuildUp(lot, { amount, at, now, celsius, waking: wakingOf(household) });
  const keep = (readyAt: number) => {
    act(
      { kind: 'kept', thing: 'build-up', key: lot.id, value: { amount, at: readyAt } },
      t`${lot.name} is built up by ${moment(readyAt, now)}. Today asks for each feed.`,
    );
    router.navigate(`/starters/${lot.id}`);
  };
  return (
    <Screen title={t`Build ${lot.name} up`} over={t`Starters / ${culture.name}`} width={760}>
      <Text>{t`Now ${volume(Math.round(mostDrawableMl(lot)))} can be drawn. Say how much you want at its peak, and by when.`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label={t`How much`}
          value={text}
          onChange={setText}
          echo={typed.ok ? t`= ${Math.round(amount)} ${unit}` : undefined}
          error={typed.ok ? undefined : refusalWords(typed)}
        />
        <MomentField
          label={t`By when`}
          value={at}
          min={now}
          onChange={(value) => value !== null && setAt(value)}
          said={moment(at, now)}
        />
      </View>
      {plan.ok ? (
        <PlanCard plan={plan.value} wantedAt={at} now={now} unit={unit} />
      ) : (
        <Note tone="caution" testID="build-refused">
          {refusalWords(plan)}
        </Note>
      )}
      {plan.ok ? (
        <InkButton
          label={plan.value.readyAt > at + 60_000 ? t`Build it up for then` : t`Build it up`}
          onPress={() => keep(quarter(plan.value.readyAt))}
        />
      ) : null}
      {kept ? (
        <InkButton
          quiet
          label={t`Give this plan up`}
          onPress={() => {
            act({ kind: 'kept', thing: 'build-up', key: lot.id, value: null }, t`The plan is given up.`);
            router.navigate(`/starters/${lot.id}`);
          }}
        />
      ) : null}
      <Note tone="plain">{t`Worked out from the usual: a lively jar doubles with each feed. Foam and hiss come first; a dull jar gets one feed more.`}</Note>
    </Screen>
  );
}

/** Three days on, at six in the evening. */
function inThreeDays(now: number): number {
  const then = new Date(now + 3 * dayMs);
  then.setHours(18, 0, 0, 0);
  return then.getTime();
}

/** An amount of liquid or of grains, as it was typed. */
function amountTyped(text: string, unit: 'ml' | 'g'): Result<number> {
  const measure = parseMeasure(text, unit);
  if (!measure.ok) return measure;
  const value = unit === 'g' ? measure.value.grams : measure.value.millilitres;
  return value === undefined ? refusal('build.unit', { unit }) : success(value);
}
