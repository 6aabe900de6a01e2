import { View } from 'react-native';
import { celsiusAt, feltRooms, meanOfShown, saidAt, type PlaceId } from '@/core/kitchen/places';
import { toStep } from '@/core/measures/sensible';
import { clockNow } from '@/store/environment';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { Icon } from '@/ui/icons/icon';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { placeWords } from '@/words/names';
import { ByThermometer } from './by-thermometer';
import { useAct } from '../acts/act-context';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

const swings = [
  { value: 0, label: t`Steady` },
  { value: 2, label: t`±2 °C` },
  { value: 4, label: '±4' },
  { value: 6, label: '±6' },
] as const;

const hints: Readonly<Record<PlaceId, string>> = {
  counter: t`Where most jars stand.`,
  cupboard: t`Darker, a little cooler.`,
  'warm-shelf': t`Above the oven, over a radiator, in an airing cupboard.`,
  'cooler-box': t`Insulated, with an ice brick: for hot days.`,
  fridge: t`Its door is warmer than its back.`,
};

/** One place: how warm it is now, how much it swings with the day. */
export function PlaceCard({ place }: { readonly place: PlaceId }) {
  const act = useAct();
  const roles = useRoles();
  const now = useNow();
  const { warmths } = useAppSelector(selectHousehold);
  const said = saidAt(warmths, place, now);
  const celsius = celsiusAt(warmths, place, now);
  const swing = said?.swing ?? 0;
  const name = capital(placeWords[place]);
  const set = (step: number) => {
    const at = clockNow();
    const shown = Math.min(45, Math.max(-5, toStep(celsiusAt(warmths, place, at) + step, 0.5)));
    const offset = -new Date(at).getTimezoneOffset();
    act(
      { kind: 'temperature-set', place, ...meanOfShown(warmths, place, at, shown, offset) },
      t`${name} at ${shown.toFixed(1)} °C. Every window moved with it.`,
    );
  };
  const swingBy = (value: number) =>
    act(
      { kind: 'temperature-set', place, celsius: said?.celsius ?? toStep(celsius, 0.5), swing: value },
      value === 0 ? t`${name}: steady.` : t`${name}: ${value} °C warmer by day, as much cooler by night.`,
    );
  return (
    <Card label={name} testID={`place-${place}`}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.medium }}>
        <Text as="subheading" level={2} style={{ flex: 1 }}>
          {name}
        </Text>
        <Press
          role="button"
          aria-label={t`${name} half a degree cooler`}
          onPress={() => set(-0.5)}
          style={{ alignItems: 'center' }}
        >
          <Icon name="minus" color={roles.text} />
        </Press>
        <Text
          as="heading"
          live
          style={{ minWidth: 92, textAlign: 'center' }}
        >{t`${celsius.toFixed(1)} °C`}</Text>
        <Press
          role="button"
          aria-label={t`${name} half a degree warmer`}
          onPress={() => set(0.5)}
          style={{ alignItems: 'center' }}
        >
          <Icon name="plus" color={roles.text} />
        </Press>
      </View>
      <Text color={roles.softText}>{said ? hints[place] : `${hints[place]} ${followed(place)}`}</Text>
      <ByThermometer
        name={name}
        onRead={(read) =>
          act(
            { kind: 'temperature-set', place, celsius: read },
            t`${name} at ${read.toFixed(1)} °C. Every window moved with it.`,
          )
        }
      />
      {place === 'fridge' ? null : (
        <>
          <Choice
            titled
            label={t`${name}, by feel`}
            options={feltRooms.map(({ word, celsius: value }) => ({ value, label: capital(word) }))}
            value={said?.felt ? (said.celsius as (typeof feltRooms)[number]['celsius']) : null}
            onChange={(value) =>
              act(
                { kind: 'temperature-set', place, celsius: value, felt: true },
                t`${name}: about ${value} °C by feel. Ranges are wider until a thermometer says more.`,
              )
            }
          />
          <Text as="strong">{t`Day against night`}</Text>
          <Choice
            label={t`${name}, day and night`}
            options={swings}
            value={swing as 0 | 2 | 4 | 6}
            onChange={swingBy}
          />
          {swing > 0 && said ? (
            <Text>{t`About ${said.celsius.toFixed(1)} °C in the mean; now ${celsius > said.celsius ? t`day` : t`night`}.`}</Text>
          ) : null}
        </>
      )}
    </Card>
  );
}

const followed = (place: PlaceId) =>
  place === 'counter'
    ? t`Taken as 21 °C until it is said.`
    : place === 'fridge'
      ? t`Taken as 4 °C until it is said.`
      : t`Follows the counter until it is said.`;
