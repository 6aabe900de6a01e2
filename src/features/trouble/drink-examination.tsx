import { useState } from 'react';
import { View } from 'react-native';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { sugarLeft } from '@/core/forecast/question/living-liquid';
import type { Lot } from '@/core/lots/lot';
import { drinkFactsOf } from '@/core/trouble/drink-facts';
import { complaints, diagnoseDrink, type Complaint } from '@/core/trouble/drink-trouble';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import {
  complaintWords,
  drinkCauseWords,
  drinkFactWords,
  rescueWords,
} from '@/words/trouble/drink-trouble-words';
import { lotName } from '@/words/names';
import { t } from '@/core/language/t';

/** Causes below this are not worth a line. */
const worthSaying = 0.06;

/** What is wrong with a brew or a bottle: what is complained of, causes by its own record, and what helps. */
export function DrinkExamination({ lot }: { readonly lot: Lot }) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const [seen, setSeen] = useState<readonly Complaint[]>([]);
  const kitchen = liquidsOf(household);
  const facts = drinkFactsOf(lot, kitchen.find, household.warmths, sugarLeft(lot, kitchen, now), now);
  const { discard, suspects, rescues } = diagnoseDrink(facts, seen);
  const toggle = (complaint: Complaint) =>
    setSeen(seen.includes(complaint) ? seen.filter((each) => each !== complaint) : [...seen, complaint]);
  const shown = suspects.filter(({ share }, i) => i === 0 || share >= worthSaying).slice(0, 4);
  return (
    <Screen title={t`What is wrong with ${lotName(lot, household)}?`} over={t`Brews`} width={760}>
      <Text>{t`Pick what it is. Its days, its warmth and its dose are weighed in.`}</Text>
      <ChipRow
        label={t`What is it?`}
        pick="any"
        options={complaints.map((value) => ({ value, label: complaintWords[value] }))}
        isOn={(value) => seen.includes(value)}
        onPress={toggle}
      />
      {discard ? (
        <Note
          tone="danger"
          testID="discard"
        >{t`Discard all of it, without tasting, and clean the vessel. Never skim and drink.`}</Note>
      ) : null}
      {shown.length > 0 ? (
        <Card label={t`Likely causes`} testID="suspects">
          <Text as="subheading" level={2}>{t`Most likely`}</Text>
          {shown.map(({ cause, share, fact }) => {
            const why = drinkFactWords(fact, facts);
            return (
              <View key={cause} style={{ gap: 2 }}>
                <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: gap.medium }}>
                  <Text as="strong" style={{ flex: 1 }}>
                    {drinkCauseWords[cause]}
                  </Text>
                  <Text>{`${Math.max(1, Math.round(share * 100))} %`}</Text>
                </View>
                {why ? <Text color={roles.softText}>{t`Its record: ${why}.`}</Text> : null}
              </View>
            );
          })}
        </Card>
      ) : null}
      {rescues.length > 0 && !discard ? (
        <Card label={t`What helps`} testID="rescues">
          <Text as="subheading" level={2}>{t`What helps`}</Text>
          {rescues.map((rescue) => (
            <Text key={rescue}>{rescueWords[rescue]}</Text>
          ))}
        </Card>
      ) : null}
      {seen.includes('gusher') ? (
        <Note tone="caution">{t`Siblings of a gusher are as lively: chill them, and open them cold, slowly, over a bowl, in a cloth.`}</Note>
      ) : null}
    </Screen>
  );
}
