import { View } from 'react-native';
import { celsiusAt, placeIds } from '@/core/kitchen/places';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { placeWords } from '@/words/names';
import { AmountRow } from './amount-row';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onState: (next: WorktopState) => void;
}

const places = placeIds
  .filter((place) => place !== 'fridge')
  .map((value) => ({ value, label: placeWords[value].replace(/^./, (letter) => letter.toUpperCase()) }));
const half = (value: number) => Math.round(value * 2) / 2;

/** Where it will ferment and how warm that is: turned, the coming ferment moves with it; the kitchen itself is not changed. */
export function WarmthRow({ state, open, onOpen, onState }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const there = half(celsiusAt(household.warmths, state.place, useNow()));
  const celsius = state.celsius ?? there;
  return (
    <AmountRow
      what="warmth"
      family="ginger"
      name={t`Warmth`}
      amount={t`${celsius.toFixed(1)} °C`}
      beside={`${placeWords[state.place]}${state.celsius === null ? '' : t`, supposed: it is ${there.toFixed(1)} now`}`}
      followed={false}
      open={open}
      onPress={onOpen}
    >
      <View style={{ gap: gap.small }} testID="turner">
        <Ruler
          label={t`Turn the warmth`}
          value={celsius}
          step={0.5}
          min={10}
          max={36}
          format={(value) => t`${value.toFixed(1)} °C`}
          onTurn={(value) => onState({ ...state, celsius: value === there ? null : value, followed: [] })}
        />
        <Choice
          label={t`Where it ferments`}
          options={places}
          value={state.place as (typeof places)[number]['value']}
          onChange={(place) => onState({ ...state, place, celsius: null, followed: [] })}
        />
        <Text
          color={roles.softText}
        >{t`Supposed here only: the kitchen keeps its temperatures. See how the ribbon above moves.`}</Text>
      </View>
    </AmountRow>
  );
}
