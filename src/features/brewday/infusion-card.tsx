import { View } from 'react-native';
import { infusingOf, infusionSteps } from '@/core/brew/infusing';
import type { Lot } from '@/core/lots/lot';
import { useKeeper } from '@/store/keeper-context';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { gap } from '@/ui/theme/shape';
import { portionsWords } from '@/words/amounts';
import { duration, moment, quarter } from '@/words/moment';
import { useAct } from '../acts/act-context';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** What steeps in it between first ferment and bottle: a timed stage with tastes and an end. */
export function InfusionCard({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const act = useAct();
  const keeper = useKeeper();
  const infusing = infusingOf(lot);
  if (!infusing || infusing.stage === 'over') return null;
  const amounts = portionsWords(infusing.portions);
  if (infusing.stage === 'to-come') {
    const [from, until] = infusing.hours;
    const where = infusing.cold ? t`in the fridge` : t`on the counter`;
    const begin = () =>
      keeper.together(() => {
        keeper.write({ kind: 'portions-added', lotId: lot.id, portions: [...infusing.portions] });
        if (infusing.cold && lot.place !== 'fridge')
          keeper.write({ kind: 'moved', lots: [lot.id], place: 'fridge' });
        act(
          { kind: 'step-taken', lotId: lot.id, step: infusionSteps.begun, done: true },
          t`${lot.name}: the infusion has begun.`,
        );
      });
    return (
      <Card label={t`Infusion`} testID="infusion">
        <Text as="subheading" level={2}>{t`Then it steeps`}</Text>
        <Text>{t`Once it tastes right: ${amounts} ${where} for ${from}–${until} hours. Taste it every half day; too long overwhelms.`}</Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton label={t`Begin the infusion`} onPress={begin} />
          <InkButton
            quiet
            label={t`Without it`}
            onPress={() =>
              act(
                { kind: 'step-taken', lotId: lot.id, step: infusionSteps.begun, done: false },
                t`${lot.name}: no infusion.`,
              )
            }
          />
        </View>
      </Card>
    );
  }
  const { begunAt, from, until } = infusing;
  const words =
    now < from
      ? t`It steeps since ${moment(begunAt, now)}. Taste from ${moment(quarter(from), now)}.`
      : now < until
        ? t`Taste it now: out by ${moment(quarter(until), now)} at the latest.`
        : t`Take it out now: it has steeped ${duration((now - begunAt) / hourMs)}, longer than was meant.`;
  const end = () =>
    keeper.together(() => {
      keeper.write({ kind: 'transferred', from: lot.id, taken: 'solids', targets: [{ gone: 'discarded' }] });
      act(
        { kind: 'step-taken', lotId: lot.id, step: infusionSteps.ended, done: true },
        t`${lot.name}: strained off what steeped.`,
      );
    });
  const tasted = (how: string, said: string) => act({ kind: 'noted', lotId: lot.id, text: how }, said);
  return (
    <Card label={t`Infusion`} testID="infusion">
      <Text as="subheading" level={2}>{t`Steeping: ${amounts}`}</Text>
      <Ribbon
        span={{ from, until, fromSoftHours: 3, untilSoftHours: 6 }}
        now={now}
        start={begunAt}
        end={Math.max(until + 12 * hourMs, now + 6 * hourMs)}
        summary={words}
      />
      <Text live>{words}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton label={t`Enough: strain it out`} onPress={end} />
        <InkButton
          quiet
          label={t`Tasted: not yet`}
          onPress={() => tasted(t`Infusion tasted: not yet.`, t`Not yet: taste again in half a day.`)}
        />
        <InkButton
          quiet
          label={t`Tasted: nearly`}
          onPress={() => tasted(t`Infusion tasted: nearly.`, t`Nearly: a few hours more.`)}
        />
      </View>
    </Card>
  );
}
