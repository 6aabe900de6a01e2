import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import type { Culture } from '@/core/cultures/culture';
import type { Lot } from '@/core/lots/lot';
import { volumeTyped } from '@/core/measures/portion-measure';
import { packetPlan } from '@/core/starter/packet-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { portionWords, volume } from '@/words/amounts';
import { useAct } from '../../acts/act-context';
import { t } from '@/core/language/t';

/** How much of a packet a batch takes, and how it is woken before. */
export function PacketDose({ lot, culture }: { readonly lot: Lot; readonly culture: Culture }) {
  const now = useNow();
  const { warmths } = useAppSelector(selectHousehold);
  const [batch, setBatch] = useState('2 L');
  const litres = volumeTyped(batch, 'l');
  const plan = packetPlan(lot, culture, warmths, litres.ok ? litres.value : 2000, now);
  return (
    <>
      <Card label={t`Dose`} testID="packet-dose">
        <TextBox
          label={t`For a batch of`}
          value={batch}
          onChange={setBatch}
          error={litres.ok ? undefined : refusalWords(litres)}
        />
        <Text
          as="subheading"
          level={2}
        >{t`Take ${portionWords({ what: culture.id, grams: plan.grams })}`}</Text>
        {plan.enough ? null : (
          <Note tone="caution">{t`Too old or too little for so much: take a fresh packet.`}</Note>
        )}
      </Card>
      <Waking lot={lot} culture={culture} waterMl={plan.waterMl} />
    </>
  );
}

const trials = [
  { value: 'good', label: t`It foams` },
  { value: 'some', label: t`A little` },
  { value: 'none', label: t`Nothing` },
] as const;

/** Waking it in water, and what that showed. */
function Waking({
  lot,
  culture,
  waterMl,
}: {
  readonly lot: Lot;
  readonly culture: Culture;
  readonly waterMl: number;
}) {
  const act = useAct();
  const { mostCelsius, foamsInMinutes } = culture.packet!;
  return (
    <Card label={t`Waking it`} testID="packet-waking">
      <Text as="subheading" level={2}>{t`Wake it first`}</Text>
      <Text>{t`1. ${volume(waterMl)} of clean water, hand-warm: 30 °C, never above ${mostCelsius}. A pinch of sugar.`}</Text>
      <Text>{t`2. Sprinkle the yeast on it and leave it 15 minutes; then stir.`}</Text>
      <Text>{t`3. Within ${foamsInMinutes} minutes it foams. If not, it is dead: take another packet.`}</Text>
      <Text>{t`4. Bring it near the base’s temperature with a little of the base, then pitch.`}</Text>
      <Text as="strong">{t`After ${foamsInMinutes} minutes`}</Text>
      <Choice
        label={t`After ${foamsInMinutes} minutes`}
        options={trials}
        value={null}
        onChange={(foam) => act({ kind: 'observed', lotId: lot.id, signs: { foam } }, t`${lot.name}: noted.`)}
      />
    </Card>
  );
}
