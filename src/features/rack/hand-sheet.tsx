import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { placeIds } from '@/core/kitchen/places';
import { limitOf } from '@/core/settings/wear-of-makes';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { rootOf } from '@/core/forecast/question/family-members';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { watchOf } from '@/core/tasks/pressure-watch';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { lotName, placeWords } from '@/words/names';
import { keepingWords } from '@/words/bottles/keeping-words';
import { fizzWords } from '@/words/fizz';
import { doNow } from '@/words/tasks/watch-words';
import { useForecasts } from '../forecasting/forecasts';
import { CounterAgain } from '../forecasting/counter-again';
import { pressureAt } from '../forecasting/pressure';
import { useAct } from '../acts/act-context';
import { Broken } from './broken';
import { HandActs } from './hand-acts';
import { OpeningForm } from './lazy';
import { plural, t } from '@/core/language/t';

interface Props {
  readonly lots: readonly Lot[];
  readonly now: number;
  readonly onClose: () => void;
}

/** A bottle in hand, or several, or its whole batch: squeeze, hiss, burp, chill, move, open; all else is on its page. */
export function HandSheet({ lots: given, now, onClose }: Props) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const [whole, setWhole] = useState(false);
  const [opening, setOpening] = useState(false);
  const [moving, setMoving] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const find = (id: string) => lotOf(household, id);
  const lot = given[0]!;
  const siblings = forecasts.living.filter(
    (each) => each.role === 'bottle' && rootOf(each, find) === rootOf(lot, find) && each.place === lot.place,
  );
  const lots = whole && given.length === 1 ? siblings : given;
  const one = lots.length === 1;
  const cold = lots.every(({ place }) => place === 'fridge');
  const name = one ? lotName(lot, household) : plural(lots.length, 'bottle');
  const stages = lots.map(({ id }) => {
    const answer = forecasts.lotAnswer(id);
    return answer ? watchOf(answer, now)?.stage : undefined;
  });
  const grave = stages.includes('do-not-handle');
  const answer = forecasts.lotAnswer(lot.id);
  const pressure = pressureAt(answer, now);
  const keeping = answer && one ? keepingWords(answer, now) : null;
  if (opening || lot.opened) return <OpeningForm lot={lot} name={name} onClose={onClose} />;
  return (
    <Sheet title={name} onClose={onClose}>
      {one ? (
        <Text>
          {pressure
            ? t`About ${pressure.median.toFixed(1)} bar over the air outside, perhaps ${pressure.edge.toFixed(1)} bar; this bottle is good for ${limitOf(lot.vessel, household)} bar. Fizz: ${fizzWords(pressure.volumes)}. An estimate.`
            : lot.closure === 'sealed'
              ? t`Being worked out…`
              : t`Not sealed: no pressure builds.`}
        </Text>
      ) : null}
      {grave ? <Note tone="danger">{doNow('do-not-handle', cold)}</Note> : null}
      {given.length === 1 && siblings.length > 1 ? (
        <Choice
          label={t`Which`}
          options={[
            { value: 'one', label: t`This one` },
            { value: 'all', label: t`All ${siblings.length} of its batch here` },
          ]}
          value={whole ? 'all' : 'one'}
          onChange={(which) => setWhole(which === 'all')}
        />
      ) : null}
      {leaving && one ? <CounterAgain lot={lot} answer={answer} /> : null}
      <HandActs
        lots={lots}
        pilot={squeezedFor(lot, find)}
        cold={cold}
        grave={grave}
        leaving={leaving}
        onLeaving={() => setLeaving(true)}
        onDone={onClose}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {one ? <InkButton quiet={!cold} label={t`Open it`} onPress={() => setOpening(true)} /> : null}
        <InkButton quiet label={t`Move`} onPress={() => setMoving(!moving)} />
        {one ? (
          <InkButton quiet label={t`Its page`} onPress={() => router.navigate(`/bottles/${lot.id}`)} />
        ) : (
          <InkButton
            quiet
            label={t`Compare`}
            disabled={lots.length > 4}
            onPress={() => router.navigate(`/compare?bottles=${lots.map(({ id }) => id).join(',')}`)}
          />
        )}
      </View>
      {one ? <Broken lot={lot} name={name} onDone={onClose} /> : null}
      {moving ? <MoveTo lots={lots} onDone={onClose} /> : null}
      {keeping ? <Text>{`${keeping.title}: ${keeping.because}`}</Text> : null}
    </Sheet>
  );
}

/** Where several bottles go, in a tap. */
function MoveTo({ lots, onDone }: { readonly lots: readonly Lot[]; readonly onDone: () => void }) {
  const act = useAct();
  return (
    <Choice
      label={t`Where to`}
      options={placeIds
        .filter((place) => lots.some((lot) => lot.place !== place))
        .map((value) => ({ value, label: placeWords[value] }))}
      value={null}
      onChange={(place) => {
        act(
          { kind: 'moved', lots: lots.map(({ id }) => id), place },
          t`${plural(lots.length, 'bottle')} moved.`,
        );
        onDone();
      }}
    />
  );
}
