import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { vesselKind } from '@/core/gas/vessels';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import type { ForecastBook } from '../forecasting/forecast-book';
import { pressureAt } from '../forecasting/spans';
import { useAct } from '../shell/act-context';
import { later } from '../shell/later';

const OpeningForm = later(async () => (await import('../forms/drawer')).OpeningForm);

interface Props {
  readonly bottle: BottleState;
  readonly batch: BatchState;
  readonly book: ForecastBook;
  readonly now: number;
  readonly onClose: () => void;
}

const feels = [
  { value: 'soft', label: 'Soft' },
  { value: 'gives', label: 'Gives' },
  { value: 'firm', label: 'Firm' },
  { value: 'rock', label: 'Rock hard' },
] as const;

/** One bottle in hand: squeeze, burp, chill, open. */
export function BottleSheetFor({ bottle, batch, book, now, onClose }: Props) {
  const act = useAct();
  const router = useRouter();
  const [opening, setOpening] = useState(false);
  const pressure = pressureAt(book, bottle, batch, now);
  const { limitBar } = vesselKind(bottle.vessel);
  const cold = bottle.place === 'fridge';
  const name = `${batch.name}, bottle ${bottle.number}`;
  const over = pressure !== null && pressure.edge >= limitBar;
  const burp = () => act({ kind: 'burped', bottleId: bottle.id }, `Burped bottle ${bottle.number}.`);
  const move = () =>
    act(
      { kind: 'bottles-moved', bottleIds: [bottle.id], place: cold ? 'counter' : 'fridge' },
      cold ? 'Back on the counter.' : `Bottle ${bottle.number} is in the fridge.`,
    );
  if (bottle.opened) return null;
  if (opening) {
    return <OpeningForm bottle={bottle} name={name} cold={cold} onClose={onClose} />;
  }
  return (
    <Sheet title={name} onClose={onClose}>
      {pressure ? (
        <Text>{`About ${pressure.median.toFixed(1)} bar over the air outside, perhaps ${pressure.edge.toFixed(1)}; this bottle is good for ${limitBar}. Some ${pressure.volumes.toFixed(1)} volumes of fizz. An estimate.`}</Text>
      ) : (
        <Text>Being reckoned…</Text>
      )}
      {over && !cold ? (
        <Note tone="danger">
          It may be past its limit. Glasses and gloves on, cover it with a towel, chill it where it stands; do
          not carry it by bare hand.
        </Note>
      ) : null}
      <Text as="strong">
        {bottle.vessel === 'plastic-soda' ? 'Squeeze' : 'Squeeze of its pilot, or press of the cap'}
      </Text>
      <Choice
        label="Squeeze"
        options={feels}
        value={null}
        onChange={(feel) =>
          act(
            { kind: 'squeezed', bottleId: bottle.id, feel },
            `Bottle ${bottle.number}: ${feel}. The forecast takes it in.`,
          )
        }
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={cold ? 'Open it' : 'Chilled'}
          onPress={cold ? () => setOpening(true) : move}
          style={{ flexGrow: 1 }}
        />
        <InkButton
          quiet
          label={cold ? 'Back to the counter' : 'Open it'}
          onPress={cold ? move : () => setOpening(true)}
        />
        <InkButton quiet label="Burped" onPress={burp} />
        <InkButton quiet label="Forecast" onPress={() => router.navigate(`/brews/${batch.id}` as never)} />
      </View>
      <Text>
        A burp lets out mostly trapped air: the first takes about a quarter of the pressure, later ones
        little. While sugar is left it buys hardly any time; cold does.
      </Text>
    </Sheet>
  );
}
