import { useState } from 'react';
import { View } from 'react-native';
import { everyLot } from '@/core/journal/household';
import { awayKey, awayOf, type AwayPlan } from '@/core/settings/away';
import { celsiusAt } from '@/core/kitchen/places';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { careWhileAway, type AwayCare } from '@/core/starter/away';
import { usualFeed } from '@/core/starter/feed-plan';
import { renewalOf } from '@/core/starter/renewal';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { awayCareWords } from '@/words/kitchen/planning-words';
import { MomentField } from '../../ui/controls/moment-field';
import { useAct } from '../acts/act-context';
import { dayMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** From when to when nobody is home, and what each starter needs before and after. */
export function AwayPlanner() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const act = useAct();
  const kept = awayOf(household);
  const coming = kept && kept.to > now ? kept : null;
  const [plan, setPlan] = useState<AwayPlan>(() => coming ?? fortnight(now));
  const wrong = plan.to <= plan.from ? t`You come home before you leave: choose a later day.` : null;
  const starters = everyLot(household).filter((lot) => lot.role === 'starter' && isLiving(lot));
  return (
    <Card label={t`Away`} testID="away">
      <Text as="subheading" level={2}>{t`Away`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <MomentField
          label={t`Leaving`}
          value={plan.from}
          min={now}
          onChange={(from) => from !== null && setPlan({ ...plan, from })}
          said={moment(plan.from, now)}
        />
        <MomentField
          label={t`Home again`}
          value={plan.to}
          min={plan.from}
          onChange={(to) => to !== null && setPlan({ ...plan, to })}
          said={moment(plan.to, now)}
        />
      </View>
      {wrong ? <Note tone="danger">{wrong}</Note> : null}
      {wrong
        ? null
        : starters.map((lot) => {
            const care = careWhileAway(
              lot,
              plan,
              celsiusAt(household.warmths, lot.place === 'fridge' ? 'counter' : lot.place, plan.from),
            );
            return care ? <CareLine key={lot.id} lot={lot} care={care} plan={plan} now={now} /> : null;
          })}
      {starters.length === 0 ? <Text>{t`No starter on the shelf: nothing to do.`}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={coming ? t`Change the plan` : t`Plan this absence`}
          disabled={wrong !== null}
          onPress={() =>
            act(
              { kind: 'kept', thing: 'away', key: awayKey, value: { from: plan.from, to: plan.to } },
              t`Away from ${moment(plan.from, now)}: Today asks before and after.`,
            )
          }
        />
        {coming ? (
          <InkButton
            quiet
            label={t`Staying home`}
            onPress={() =>
              act({ kind: 'kept', thing: 'away', key: awayKey, value: null }, t`The absence is taken out.`)
            }
          />
        ) : null}
      </View>
    </Card>
  );
}

function CareLine({
  lot,
  care,
  plan,
  now,
}: {
  readonly lot: Lot;
  readonly care: AwayCare;
  readonly plan: AwayPlan;
  readonly now: number;
}) {
  const roles = useRoles();
  const words = awayCareWords(
    care,
    portionsWords(renewalOf(lot)?.portions ?? usualFeed(lot)),
    (at) => moment(quarter(at), now),
    plan.to,
  );
  return (
    <View style={{ gap: 2 }} testID={`away-${lot.id}`}>
      <Text as="strong">{lot.name}</Text>
      <Text>{words.before}</Text>
      <Text>{words.after}</Text>
      <Text color={roles.softText}>{words.survival}</Text>
      {words.neighbour ? <Note tone="caution">{words.neighbour}</Note> : null}
    </View>
  );
}

/** From tomorrow noon for two weeks. */
function fortnight(now: number): AwayPlan {
  const leave = new Date(now + dayMs);
  leave.setHours(12, 0, 0, 0);
  return { from: leave.getTime(), to: leave.getTime() + 14 * dayMs };
}
