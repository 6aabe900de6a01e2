import { useState } from 'react';
import { View } from 'react-native';
import { makesInUse } from '@/core/bottling/empty-bottles';
import { everyLot } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useRoles } from '@/ui/theme/use-roles';
import { AddMake } from './add-make';
import { CautionCard } from './caution-card';
import { CeilingCard } from './ceiling-card';
import { MakeCard } from './make-card';
import { t } from '@/core/language/t';

/** The kitchen's bottles and jars: what there is, what is full, what each is thought to bear; and how careful to be. */
export function StockScreen() {
  const roles = useRoles();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const makes = makesInUse(household, everyLot(household));
  const [adding, setAdding] = useState(false);
  const full = makes.reduce((sum, each) => sum + each.full, 0);
  const all = makes.reduce((sum, { make }) => sum + make.count, 0);
  return (
    <Screen title={t`Bottles and jars`} over={all > 0 ? t`${full} of ${all} full` : t`Kitchen`} width={980}>
      {makes.length === 0 && !adding ? (
        <Card>
          <Text as="heading" level={2}>{t`Say once what stands in the cupboard`}</Text>
          <Text>{t`Kind, size, how many, how old: then every batch finds its bottles. Yuzet watches each for what its glass is thought to bear.`}</Text>
        </Card>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {makes.map((each) => (
          <View key={each.make.key} style={{ flexGrow: 1, flexBasis: 400, minWidth: 0, maxWidth: '100%' }}>
            <MakeCard use={each} now={now} />
          </View>
        ))}
      </View>
      {adding ? (
        <Card label={t`Other bottles`}>
          <AddMake taken={makes.map(({ make }) => make.key)} now={now} onDone={() => setAdding(false)} />
        </Card>
      ) : (
        <InkButton quiet={makes.length > 0} label={t`Add bottles or jars`} onPress={() => setAdding(true)} />
      )}
      <CautionCard />
      <CeilingCard />
      <Text
        color={roles.softText}
      >{t`What glass bears is an estimate: makers, batches and scratches differ, and nothing here calls a bottle safe. A chip, a crack or a white bruise: out of use at once.`}</Text>
    </Screen>
  );
}
