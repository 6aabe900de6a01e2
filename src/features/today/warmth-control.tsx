import { StyleSheet, View } from 'react-native';
import { celsiusAt, meanOfShown } from '@/core/kitchen/places';
import { toStep } from '@/core/measures/sensible';
import { clockNow } from '@/store/environment';
import { Icon } from '@/ui/icons/icon';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { corners } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { useAppStore } from '@/store/store';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';
import { oneDecimal } from '@/words/amounts';
import { readingShown } from '@/core/measures/unit-system';

interface Props {
  readonly celsius: number;
}

/** The kitchen's temperature, one tap from right: it moves every window. */
export function WarmthControl({ celsius }: Props) {
  const roles = useRoles();
  const act = useAct();
  const store = useAppStore();
  // Worked out from the journal and the clock of the tap, not of the last drawing: five quick taps are five half degrees.
  const set = (step: number) => {
    const { warmths } = store.getState().journal.journal.household;
    const at = clockNow();
    const next = Math.min(45, Math.max(2, toStep(celsiusAt(warmths, 'counter', at) + step, 0.5)));
    act(
      {
        kind: 'temperature-set',
        place: 'counter',
        ...meanOfShown(warmths, 'counter', at, next, -new Date(at).getTimezoneOffset()),
      },
      t`Kitchen at ${next.toFixed(1)} °C. Every window moved with it.`,
    );
  };
  return (
    <View
      role="group"
      aria-label={t`Kitchen temperature`}
      style={[styles.box, corners.card, { backgroundColor: roles.card, borderColor: roles.hairline }]}
    >
      <Press
        role="button"
        aria-label={t`Kitchen half a degree cooler`}
        onPress={() => set(-0.5)}
        style={styles.step}
      >
        <Icon name="minus" color={roles.text} />
      </Press>
      <View style={styles.value}>
        <Text as="label" color={roles.softText}>{t`Kitchen °C`}</Text>
        <Text as="heading" live testID="kitchen-celsius">
          {oneDecimal(readingShown(celsius, '°C'))}
        </Text>
      </View>
      <Press
        role="button"
        aria-label={t`Kitchen half a degree warmer`}
        onPress={() => set(0.5)}
        style={styles.step}
      >
        <Icon name="plus" color={roles.text} />
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { flexDirection: 'row', borderWidth: 1, alignItems: 'center' },
  step: { alignItems: 'center' },
  value: { alignItems: 'center', paddingVertical: 6, minWidth: 66 },
});
