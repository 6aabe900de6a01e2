import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '@/words/moment';
import { lotName, placeWords } from '@/words/names';
import { useForecasts } from '../forecasting/forecasts';
import { pressureAt } from '../forecasting/pressure';
import { ActsRow, ActsSheet, useActsState } from '../lots/lot-acts';
import { Why } from '../why/why';
import { Nowhere } from '@/ui/layout/nowhere';
import { LotBottle } from './lot-bottle';
import { hourMs } from '@/core/duration';
import { ForecastSection } from '../forecasting/lazy';
import { OpeningForm } from './lazy';
import { LotExtras } from '../lots/lazy';
import { t } from '@/core/language/t';

/** A bottle's own page. */
export function BottlePlace() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = id ? lotOf(household, id) : undefined;
  return lot?.role === 'bottle' ? (
    <BottleDetail key={lot.id} lot={lot} />
  ) : (
    <Nowhere what="bottle" back="/rack" />
  );
}

function BottleDetail({ lot }: { readonly lot: Lot }) {
  const roles = useRoles();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const pressure = pressureAt(useForecasts().lotAnswer(lot.id), now);
  const [opening, setOpening] = useState(false);
  const state = useActsState();
  const name = lotName(lot, household);
  const { limitBar, name: kind } = vesselKind(lot.vessel.kind);
  const over = lot.opened !== null || lot.ended !== null;
  return (
    <Screen
      title={name}
      over={t`Rack / ${kind}, ${Math.round(lot.vessel.ml)} ml, ${duration((now - lot.begunAt) / hourMs)}`}
      width={980}
    >
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <LotBottle
          lot={lot}
          volumes={pressure?.volumes ?? 0}
          litreHeight={170}
          label={t`Bottle ${lot.name}`}
        />
        <View style={{ flex: 1, gap: gap.small }}>
          <Text as="strong" color={roles.bottle}>
            {over
              ? t`Opened`
              : lot.place === 'fridge'
                ? t`In the fridge`
                : t`On the ${placeWords[lot.place]}`}
          </Text>
          {pressure && !over ? (
            <Text>{t`About ${pressure.median.toFixed(1)} bar, perhaps ${pressure.edge.toFixed(1)} bar; good for ${limitBar} bar. An estimate.`}</Text>
          ) : null}
          <Why topic="pressure" lot={lot} now={now} />
        </View>
      </View>
      <ForecastSection
        lot={lot}
        now={now}
        acts={
          <ActsRow lot={lot} state={state} few={['look', 'taste']}>
            {over ? null : <InkButton label={t`Open it`} onPress={() => setOpening(true)} />}
          </ActsRow>
        }
      />
      <LotExtras lot={lot} now={now} />
      <ActsSheet lot={lot} state={state} />
      {opening ? <OpeningForm lot={lot} name={name} onClose={() => setOpening(false)} /> : null}
    </Screen>
  );
}
