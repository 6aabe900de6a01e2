import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { lotSigns } from '@/core/lots/signs';
import type { Portion } from '@/core/matter/portion';
import { percentagesOf } from '@/core/starter/percentages';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { amountOf, portionsWords, volume } from '@/words/amounts';
import { signWords } from '@/words/names';
import { firstSigns } from '../../lots/signs-for';
import { useAct } from '../../acts/act-context';
import { lastFedAt } from './last-fed';
import { useFeeding } from './use-feeding';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** A cycle that has just begun is not strained: its button steps back for these hours. */
const justFedMs = 8 * hourMs;

/** Feeding as usual, looking, resting and waking: one tap each. */
export function QuickCare({ lot }: { readonly lot: Lot }) {
  const act = useAct();
  const now = useNow();
  const { portions: feed, strainMl, discard, done } = useFeeding(lot);
  const percent = sweetened(feed);
  const strained = discard ? t`thrown away` : t`off`;
  const [sign = 'foam'] = firstSigns(lot);
  const resting = lot.place === 'fridge';
  const justFed = strainMl > 0 && now - lastFedAt(lot) < justFedMs;
  return (
    <View style={{ gap: gap.medium }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {feed.length > 0 ? (
          <InkButton
            label={`${strainMl > 0 ? t`Strained, fed` : t`Fed`} ${feed.map(amountOf).join(' + ')}`}
            hint={t`${strainMl > 0 ? t`Strained ${strainMl} ml ${strained} and fed` : t`Fed`} the usual ${portionsWords(feed)}`}
            quiet={justFed}
            onPress={done}
            style={{ flexGrow: 1 }}
          />
        ) : null}
        <InkButton
          quiet
          label={resting ? t`Wake` : t`Rest`}
          hint={resting ? t`Wake it on the counter` : t`Put it to rest in the fridge`}
          onPress={() =>
            act(
              { kind: 'moved', lots: [lot.id], place: resting ? 'counter' : 'fridge' },
              resting ? t`${lot.name} is on the counter.` : t`${lot.name} rests in the fridge.`,
            )
          }
        />
      </View>
      {feed.length > 0 ? (
        <Text testID="usual-feed">{t`${strainMl > 0 ? t`Strain ${volume(strainMl)} ${discard ? t`and throw it away` : t`off`} first. ` : ''}As usual: ${portionsWords(feed)}.${percent}`}</Text>
      ) : null}
      <Choice
        titled
        label={t`How does it look?`}
        options={lotSigns[sign].map((value) => ({ value, label: signWords[sign].words[value]! }))}
        value={null}
        onChange={(value) =>
          act({ kind: 'observed', lotId: lot.id, signs: { [sign]: value } }, t`${lot.name}: noted.`)
        }
      />
    </View>
  );
}

/** What the usual feed makes, where it brings its own water: percent of sweetener, as it will really be. */
function sweetened(feed: readonly Portion[]): string {
  const { sweetener } = percentagesOf(feed);
  return sweetener > 0 && sweetener < 60 ? t` That makes ${sweetener.toFixed(1)} % sweetener.` : '';
}
