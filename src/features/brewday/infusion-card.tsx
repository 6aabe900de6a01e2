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

/** What steeps in it between first ferment and bottle: a timed stage with tastes and an end. */
export function InfusionCard({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const act = useAct();
  const keeper = useKeeper();
  const infusing = infusingOf(lot);
  if (!infusing || infusing.stage === 'over') return null;
  const amounts = portionsWords(infusing.portions);
  if (infusing.stage === 'to-come') {
    const [from, until] = infusing.hours;
    const where = infusing.cold ? 'in the fridge' : 'on the counter';
    const begin = () =>
      keeper.together(() => {
        keeper.write({ kind: 'portions-added', lotId: lot.id, portions: [...infusing.portions] });
        if (infusing.cold && lot.place !== 'fridge')
          keeper.write({ kind: 'moved', lots: [lot.id], place: 'fridge' });
        act(
          { kind: 'step-taken', lotId: lot.id, step: infusionSteps.begun, done: true },
          `${lot.name}: the infusion has begun.`,
        );
      });
    return (
      <Card label="Infusion" testID="infusion">
        <Text as="subheading" level={2}>
          Then it steeps
        </Text>
        <Text>{`Once it tastes right: ${amounts} ${where} for ${from}–${until} hours. Taste it every half day; too long overwhelms.`}</Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton label="Begin the infusion" onPress={begin} />
          <InkButton
            quiet
            label="Without it"
            onPress={() =>
              act(
                { kind: 'step-taken', lotId: lot.id, step: infusionSteps.begun, done: false },
                `${lot.name}: no infusion.`,
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
      ? `It steeps since ${moment(begunAt, now)}. Taste from ${moment(quarter(from), now)}.`
      : now < until
        ? `Taste it now: out by ${moment(quarter(until), now)} at the latest.`
        : `Take it out now: it has steeped ${duration((now - begunAt) / hourMs)}, longer than was meant.`;
  const end = () =>
    keeper.together(() => {
      keeper.write({ kind: 'transferred', from: lot.id, taken: 'solids', targets: [{ gone: 'discarded' }] });
      act(
        { kind: 'step-taken', lotId: lot.id, step: infusionSteps.ended, done: true },
        `${lot.name}: strained off what steeped.`,
      );
    });
  const tasted = (how: string, said: string) => act({ kind: 'noted', lotId: lot.id, text: how }, said);
  return (
    <Card label="Infusion" testID="infusion">
      <Text as="subheading" level={2}>{`Steeping: ${amounts}`}</Text>
      <Ribbon
        span={{ from, until, fromSoftHours: 3, untilSoftHours: 6 }}
        now={now}
        start={begunAt}
        end={Math.max(until + 12 * hourMs, now + 6 * hourMs)}
        summary={words}
      />
      <Text live>{words}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton label="Enough: strain it out" onPress={end} />
        <InkButton
          quiet
          label="Tasted: not yet"
          onPress={() => tasted('Infusion tasted: not yet.', 'Not yet: taste again in half a day.')}
        />
        <InkButton
          quiet
          label="Tasted: nearly"
          onPress={() => tasted('Infusion tasted: nearly.', 'Nearly: a few hours more.')}
        />
      </View>
    </Card>
  );
}
