import { useRouter } from 'expo-router';
import { useState } from 'react';
import { chargeOf } from '@/core/bottling/charge';
import { placeIds, celsiusAt, type PlaceId } from '@/core/kitchen/places';
import { watchOf } from '@/core/tasks/pressure-watch';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { potentialWords } from '@/words/bottles/bottling-words';
import { lotName, placeWords } from '@/words/names';
import { doNow, stageWords, watchLines } from '@/words/tasks/watch-words';
import { useForecasts } from '../forecasting/forecasts';
import { useAct } from '../acts/act-context';
import { dayMs } from '@/core/duration';
import { t } from '@/core/language/t';

const spans = [2, 5, 8, 14, 30].map((value) => ({ value, label: t`${value} days` }));

/** A bottle nobody thought of: which one, where it stood, since when; and what to do before anybody touches it. */
export function FoundOne({ now, onClose }: { readonly now: number; readonly onClose: () => void }) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const [id, setId] = useState<string | null>(null);
  const [place, setPlace] = useState<PlaceId>('cupboard');
  const [days, setDays] = useState<number | null>(null);
  const [said, setSaid] = useState(false);
  const bottles = forecasts.living
    .filter(({ role }) => role === 'bottle')
    .map((bottle) => ({ bottle, name: lotName(bottle, household) }))
    .sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }));
  const lot = bottles.find(({ bottle }) => bottle.id === id)?.bottle;
  const answer = lot ? forecasts.lotAnswer(lot.id) : null;
  const watch = answer && watchOf(answer, now);
  const save = () => {
    if (!lot) return;
    const at = days === null ? lot.begunAt + 60_000 : Math.max(lot.begunAt + 60_000, now - days * dayMs);
    act(
      { kind: 'moved', lots: [lot.id], place },
      t`${lotName(lot, household)} stood in the ${placeWords[place]}.`,
      at,
    );
    setSaid(true);
  };
  return (
    <Sheet title={t`Found one`} onClose={onClose}>
      <Note tone="danger">{t`Do not lift it yet. A bottle that was forgotten in the warm may be past what its glass bears. Glasses on, a thick towel over it, nobody near.`}</Note>
      {said && lot ? (
        <>
          <Text as="strong" testID="found-stage">
            {watch
              ? `${stageWords[watch.stage]}. ${doNow(watch.stage, lot.place === 'fridge')}`
              : t`Being worked out… leave it where it is.`}
          </Text>
          {watch ? <Text>{watchLines(watch, now, lot.place === 'fridge').join(' ')}</Text> : null}
          <InkButton label={t`Its page`} onPress={() => router.navigate(`/bottles/${lot.id}`)} />
        </>
      ) : (
        <>
          <Choice
            titled
            label={t`Which is it?`}
            options={[
              ...bottles.map(({ bottle, name }) => ({ value: bottle.id, label: name })),
              { value: 'unknown', label: t`Nobody wrote it down` },
            ]}
            value={id}
            onChange={setId}
          />
          {id === 'unknown' ? <Unknown celsius={celsiusAt(household.warmths, 'counter', now)} /> : null}
          {lot ? (
            <>
              <Choice
                titled
                label={t`Where has it stood?`}
                options={placeIds.map((value) => ({ value, label: placeWords[value] }))}
                value={place}
                onChange={setPlace}
              />
              <Choice
                titled
                label={t`Since when?`}
                options={[...spans, { value: 0, label: t`Since it was filled` }]}
                value={days ?? 0}
                onChange={(value) => setDays(value === 0 ? null : value)}
              />
              <InkButton label={t`Plan for it`} onPress={save} />
            </>
          ) : null}
        </>
      )}
    </Sheet>
  );
}

/** What a bottle of which nothing is known could hold, if it was filled half sweet. */
function Unknown({ celsius }: { readonly celsius: number }) {
  const charged = chargeOf({
    fillMl: 480,
    bottleMl: 500,
    leftGramsPerLitre: 40,
    presentVolumes: 0.8,
    ethanolGramsPerLitre: 10,
    portions: [],
    celsius,
  });
  return (
    <>
      <Text as="strong" testID="found-stage">
        {t`Treat it as past its limit. ${doNow('do-not-handle', false)}`}
      </Text>
      <Text>{t`Filled half sweet: ${potentialWords(charged, 2.8)}`}</Text>
      <Text>{t`Weeks of cold ease it a little; only then, wrapped and over a bowl, vent it in steps. If in doubt, ask somebody who handles pressure glass, or your local waste service, before moving it.`}</Text>
    </>
  );
}
