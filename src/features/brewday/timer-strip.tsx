import { View } from 'react-native';
import { leftOf, timersOf } from '@/core/settings/timer';
import { useKeeper } from '@/store/keeper-context';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { Icon } from '@/ui/icons/icon';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { countdown } from '@/words/tasks/timer-words';
import { rings, timerGone } from './timers';
import { useSeconds } from './use-seconds';
import { t } from '@/core/language/t';

interface Props {
  /** The brew whose page this is. */
  readonly here?: string;
  /** A step whose own clock is on view already. */
  readonly but?: string;
}

/** Every clock of the kitchen in a row: several run at once. */
export function TimerStrip({ here, but }: Props) {
  const roles = useRoles();
  const keeper = useKeeper();
  const household = useAppSelector(selectHousehold);
  const now = useSeconds();
  const timers = timersOf(household).filter(({ lotId, step }) => lotId !== here || step !== but);
  if (timers.length === 0) return null;
  return (
    <View style={{ gap: gap.small }} role="group" aria-label={t`Clocks that run`}>
      {timers.map((timer) => {
        const over = rings(timer, now);
        return (
          <View
            key={timer.key}
            style={[
              corners.note,
              {
                flexDirection: 'row',
                alignItems: 'center',
                gap: gap.medium,
                paddingLeft: gap.medium,
                backgroundColor: over ? roles.brew : roles.well,
              },
            ]}
          >
            <PressLink
              aria-label={`${timer.label}: ${over ? t`time` : countdown(leftOf(timer, now))}`}
              href={`/brews/day?brew=${timer.lotId}`}
              style={{ flex: 1 }}
            >
              <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.medium }}>
                <Text as="heading" color={over ? roles.ground : roles.text}>
                  {over ? t`Time` : countdown(leftOf(timer, now))}
                </Text>
                <Text color={over ? roles.ground : roles.text} style={{ flex: 1 }}>
                  {timer.label}
                </Text>
              </View>
            </PressLink>
            <Press
              role="button"
              aria-label={t`Stop: ${timer.label}`}
              onPress={() => keeper.write(timerGone(timer))}
              style={{ alignItems: 'center' }}
            >
              <Icon name="close" color={over ? roles.ground : roles.text} />
            </Press>
          </View>
        );
      })}
    </View>
  );
}
