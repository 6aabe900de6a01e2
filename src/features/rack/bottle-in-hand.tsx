import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { lotSigns } from '@/core/lots/signs';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { lotName, signWords } from '@/words/names';
import { keepingWords } from '@/words/keeping-words';
import { useBook } from '../forecasting/book';
import { CounterAgain } from '../forecasting/counter-again';
import { pressureAt } from '../forecasting/pressure';
import { useAct } from '../shell/act-context';
import { later } from '../shell/later';

const OpeningForm = later(async () => (await import('../forms/drawer')).OpeningForm);

interface Props {
  readonly lot: Lot;
  readonly now: number;
  readonly onClose: () => void;
}

/** One bottle in hand: squeeze, burp, chill, open; all else is on its page. */
export function BottleInHand({ lot, now, onClose }: Props) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const book = useBook();
  const [opening, setOpening] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const answer = book.lotAnswer(lot.id);
  const pressure = pressureAt(answer, now);
  const keeping = answer && keepingWords(answer, now);
  const { limitBar } = vesselKind(lot.vessel.kind);
  const cold = lot.place === 'fridge';
  const name = lotName(lot, household);
  const over = pressure !== null && pressure.edge >= limitBar;
  const move = () =>
    act(
      { kind: 'moved', lots: [lot.id], place: cold ? 'counter' : 'fridge' },
      cold ? 'Back on the counter.' : `Bottle ${lot.name} is in the fridge.`,
    );
  if (opening) return <OpeningForm lot={lot} name={name} cold={cold} onClose={onClose} />;
  return (
    <Sheet title={name} onClose={onClose}>
      {pressure ? (
        <Text>{`About ${pressure.median.toFixed(1)} bar over the air outside, perhaps ${pressure.edge.toFixed(1)}; this bottle is good for ${limitBar}. Some ${pressure.volumes.toFixed(1)} volumes of fizz. An estimate.`}</Text>
      ) : (
        <Text>{lot.closure === 'sealed' ? 'Being reckoned…' : 'It is not sealed: no pressure builds.'}</Text>
      )}
      {over && !cold ? (
        <Note tone="danger">
          It may be past its limit. Glasses and gloves on, cover it with a towel, chill it where it stands; do
          not carry it by bare hand.
        </Note>
      ) : null}
      <Text as="strong">
        {lot.vessel.kind === 'plastic-soda' ? 'Squeeze' : 'Squeeze of its pilot, or press of the cap'}
      </Text>
      <Choice
        label="Squeeze"
        options={lotSigns.squeeze.map((value) => ({ value, label: signWords.squeeze.words[value]! }))}
        value={null}
        onChange={(squeeze) =>
          act(
            { kind: 'observed', lotId: lot.id, signs: { squeeze } },
            `Bottle ${lot.name}: ${squeeze}. The forecast takes it in.`,
          )
        }
      />
      {leaving ? <CounterAgain lot={lot} answer={answer} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={cold ? 'Open it' : 'Chilled'}
          onPress={cold ? () => setOpening(true) : move}
          style={{ flexGrow: 1 }}
        />
        <InkButton
          quiet
          label={cold ? (leaving ? 'Move it all the same' : 'Back to the counter') : 'Open it'}
          onPress={cold ? (leaving ? move : () => setLeaving(true)) : () => setOpening(true)}
        />
        <InkButton
          quiet
          label="Burped"
          onPress={() => act({ kind: 'vented', lots: [lot.id], long: false }, `Burped bottle ${lot.name}.`)}
        />
        <InkButton quiet label="Its page" onPress={() => router.navigate(`/bottles/${lot.id}` as never)} />
      </View>
      {keeping ? <Text>{`${keeping.title}: ${keeping.because}`}</Text> : null}
      <Text>
        A burp lets out mostly trapped air: the first takes about a sixth of the pressure, later ones little.
        While sugar is left it buys hardly any time; cold does.
      </Text>
    </Sheet>
  );
}
