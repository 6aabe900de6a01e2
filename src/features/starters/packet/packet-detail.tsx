import { View } from 'react-native';
import { knownCultures } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { packetPlan } from '@/core/starter/packet-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Figure } from '@/ui/controls/figure';
import { Text } from '@/ui/controls/text';
import { Packet } from '@/ui/drawings/packet';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { amountFigure } from '@/words/figures';
import { duration } from '@/words/moment';
import { LotActs } from '../../lots/lot-acts';
import { hourMs } from '@/core/duration';
import { PacketDose } from '../lazy';
import { LotExtras } from '../../lots/lazy';
import { t } from '@/core/language/t';

/** A packet of yeast: what of it is alive by its date, how much for a batch, and how it is woken. */
export function PacketDetail({ lot }: { readonly lot: Lot }) {
  const wide = useWide();
  const now = useNow();
  const { warmths } = useAppSelector(selectHousehold);
  const culture = knownCultures(lot.culture);
  if (!culture?.packet) return null;
  const plan = packetPlan(lot, culture, warmths, 2000, now);
  const share = Math.round(100 * plan.alive);
  const left = amountFigure(plan.leftGrams, 'g');
  const [low, high] = [share / plan.doubt, Math.min(100, share * plan.doubt)].map(Math.round);
  return (
    <Screen
      title={lot.name}
      over={t`Starters / ${culture.name}, packed ${duration((now - lot.begunAt) / hourMs)} ago`}
      pane={wide}
      width={760}
    >
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <Packet
          alive={plan.alive}
          label={t`A packet of ${culture.name}, about ${share} % alive`}
          height={150}
        />
        <View style={{ flex: 1, gap: gap.small }}>
          <Figure value={left.value} unit={t`${left.unit} left`} />
          <Text as="strong" testID="packet-alive">{t`About ${share} % alive (${low}–${high} %)`}</Text>
          <Text>{t`By its date and where it lay. A trial in warm water tells more.`}</Text>
        </View>
      </View>
      <PacketDose lot={lot} culture={culture} />
      <LotActs lot={lot} />
      <LotExtras lot={lot} now={now} />
    </Screen>
  );
}
