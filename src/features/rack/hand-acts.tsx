import { View } from 'react-native';
import { isSoft } from '@/core/forecast/question/pilot';
import type { Lot } from '@/core/lots/lot';
import { lotSigns } from '@/core/lots/signs';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { signWords } from '@/words/names';
import { useActs } from '../acts/act-context';
import { plural, t } from '@/core/language/t';

interface Props {
  readonly lots: readonly Lot[];
  /** The soft bottle filled beside them, when none is in hand: its squeeze speaks for all. */
  readonly pilot: Lot | null;
  readonly cold: boolean;
  /** Past what its glass may bear: it is neither felt nor vented. */
  readonly grave: boolean;
  readonly leaving: boolean;
  readonly onLeaving: () => void;
  readonly onDone: () => void;
}

/** What hands do with bottles, each in a tap: for one, several, or all that are in hand. */
export function HandActs({ lots, pilot, cold, grave, leaving, onLeaving, onDone }: Props) {
  const { act, together } = useActs();
  const ids = lots.map(({ id }) => id);
  const said = lots.length === 1 ? t`Bottle ${lots[0]!.name}` : plural(lots.length, 'bottle');
  const look = (kind: 'squeeze' | 'hiss', value: string) => {
    together(() => {
      for (const lot of kind === 'squeeze' ? soft : lots)
        act(
          { kind: 'observed', lotId: lot.id, signs: { [kind]: value } },
          t`${kind === 'squeeze' && inHand.length === 0 ? t`Pilot ${lot.name}` : said}: ${signWords[kind].words[value]!.toLowerCase()}. The forecast takes it in.`,
        );
    });
  };
  const move = () => {
    act(
      { kind: 'moved', lots: ids, place: cold ? 'counter' : 'fridge' },
      cold ? t`${said}: back on the counter.` : t`${said}: in the fridge.`,
    );
    onDone();
  };
  const inHand = lots.filter(isSoft);
  const soft = inHand.length > 0 ? inHand : pilot ? [pilot] : [];
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          quiet={cold}
          label={
            cold
              ? leaving
                ? t`Move it all the same`
                : t`Back to the counter`
              : grave
                ? t`Cooled in place`
                : t`Chilled`
          }
          onPress={cold && !leaving && lots.length === 1 ? onLeaving : move}
          style={{ flexGrow: 1 }}
        />
        {grave ? null : (
          <InkButton
            quiet
            label={t`Burped`}
            onPress={() => act({ kind: 'vented', lots: ids, long: false }, t`${said}: burped.`)}
          />
        )}
      </View>
      {grave ? null : (
        <>
          {soft.length > 0 ? (
            <>
              <Text as="strong">
                {inHand.length === lots.length
                  ? t`Squeeze`
                  : inHand.length > 0
                    ? t`Squeeze of the soft one`
                    : t`Squeeze of its pilot, bottle ${soft[0]!.name}`}
              </Text>
              <Choice
                label={t`Squeeze`}
                options={lotSigns.squeeze.map((value) => ({ value, label: signWords.squeeze.words[value]! }))}
                value={null}
                onChange={(value) => look('squeeze', value)}
              />
            </>
          ) : (
            <Text>{t`Glass is never squeezed: listen to one cap, or squeeze a soft bottle filled beside it.`}</Text>
          )}
          <Text as="strong">{t`Hiss when vented`}</Text>
          <Choice
            label={t`Hiss`}
            options={lotSigns.hiss.map((value) => ({ value, label: signWords.hiss.words[value]! }))}
            value={null}
            onChange={(value) => look('hiss', value)}
          />
          <Text>{t`A burp lets out mostly trapped air: the first takes about a quarter of the pressure, later ones little. While sugar is left it buys hardly any time; cold does.`}</Text>
        </>
      )}
    </>
  );
}
