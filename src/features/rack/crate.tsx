import { View } from 'react-native';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { useForecasts } from '../forecasting/forecasts';
import { pressureAt } from '../forecasting/pressure';
import type { Shelved } from './rack-order';
import { RackBottle } from './rack-bottle';

interface Props {
  readonly title: string;
  readonly note: string;
  readonly bottles: readonly Shelved[];
  readonly now: number;
  readonly picked: ReadonlySet<string> | null;
  readonly onChoose: (id: string) => void;
}

/** Bottles that stand together, between the slats of their crate. */
export function Crate({ title, note, bottles, now, picked, onChoose }: Props) {
  const roles = useRoles();
  const forecasts = useForecasts();
  if (bottles.length === 0) return null;
  const slat = { height: 7, backgroundColor: roles.hairline, borderRadius: 3 } as const;
  return (
    <View role="group" aria-label={title} style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end' }}>
        <Text as="heading" level={2}>
          {title}
        </Text>
        <Text color={roles.softText}>{note}</Text>
      </View>
      <View
        style={{
          borderLeftWidth: 5,
          borderRightWidth: 5,
          borderColor: roles.hairline,
          borderBottomLeftRadius: 8,
          borderBottomRightRadius: 8,
          paddingHorizontal: 6,
          gap: 6,
        }}
      >
        <View style={slat} aria-hidden />
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {bottles.map((each) => (
            <RackBottle
              key={each.lot.id}
              shelved={each}
              volumes={pressureAt(forecasts.lotAnswer(each.lot.id), now)?.volumes ?? 0}
              now={now}
              picked={picked ? picked.has(each.lot.id) : undefined}
              onPress={() => onChoose(each.lot.id)}
            />
          ))}
        </View>
        <View style={slat} aria-hidden />
        <View style={slat} aria-hidden />
      </View>
    </View>
  );
}
