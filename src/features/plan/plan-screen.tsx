import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import type { Household } from '@/core/journal/household';
import type { Held } from '@/core/plan/held';
import { brewOf, openWishes, type OpenWish } from '@/core/plan/wished';
import { wishesOf } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { plural, t } from '@/core/language/t';
import type { Ahead } from './ahead';
import { useAhead } from './use-ahead';
import { CalendarCard } from './calendar-card';
import { DaysCard } from './days-card';
import { heldOf } from './plan-ask';
import { shoppingFor } from './shopping';
import { ShoppingCard } from './shopping-card';
import { recipeNamed } from './recipe-named';
import { UnderWayCard } from './under-way-card';
import { useDatedPlans } from './use-dated-plans';
import { useUnderWay } from './use-under-way';
import { usePlan, type HeldByWish } from './use-plan';
import { WishCard } from './wish-card';
import { WishForm } from './wish-form';

const glassOf = (ahead: readonly Ahead[], key: string) =>
  ahead.find(({ wishId }) => wishId === key)?.outline.steps.find(({ kind }) => kind === 'pour') ?? null;

/** What is brewed for a wish. */
const nameOf = (
  id: string,
  chosen: readonly { readonly wishId: string; readonly outline: { readonly wayId: string } }[],
  household: Household,
): string => recipeNamed(chosen.find(({ wishId }) => wishId === id)?.outline.wayId ?? '', household);

/** From the day it is poured back to tonight: wishes, the way to each, what to buy. */
export function PlanScreen() {
  const household = useAppSelector(selectHousehold);
  const router = useRouter();
  const [held, setHeld] = useState<HeldByWish>({});
  const [adding, setAdding] = useState(false);
  const { answer, now, again } = usePlan(held);
  const open = useMemo(() => openWishes(household, now), [household, now]);
  const wishes = wishesOf(household).filter(({ by, standing }) => standing || by > now);
  const answerOf = ({ id }: OpenWish) => answer?.wishes.find(({ wishId }) => wishId === id) ?? null;
  const chosen = useMemo(
    () =>
      (answer?.wishes ?? []).flatMap(({ wishId, chosen: outline }) => (outline ? [{ wishId, outline }] : [])),
    [answer],
  );
  const dated = useDatedPlans(open, chosen, now);
  const begun = useUnderWay(now);
  const ahead = useAhead(begun.answers, now);
  const hold = (id: string, change: Partial<Held>) =>
    setHeld((before) => ({ ...before, [id]: { ...before[id], ...change } }));
  return (
    <Screen title={t`Plan`} over={plural(wishes.length, 'wish', 'wishes')} width={860}>
      {wishes.length === 0 && !adding ? (
        <Card>
          <Text>{t`Say what is to be drunk and by when. The way there is worked out backwards, in the hours you have.`}</Text>
        </Card>
      ) : null}
      {adding || wishes.length === 0 ? (
        <WishForm now={now} onDone={() => setAdding(false)} />
      ) : (
        <InkButton
          label={t`Another wish`}
          onPress={() => setAdding(true)}
          style={{ alignSelf: 'flex-start' }}
        />
      )}
      {open
        .filter(({ id, key }) => id === key)
        .map((wish) => (
          <WishCard
            key={wish.key}
            wish={wish}
            answer={answerOf(wish)}
            again={again}
            prepared={dated.find(({ wishId }) => wishId === wish.id)?.prepared ?? []}
            later={open
              .filter(({ id, key }) => key === wish.key && id !== key)
              .map((each) => ({ wish: each, answer: answerOf(each) }))}
            now={now}
            held={{ ...heldOf(wish, now), ...held[wish.id] }}
            onHold={(change) => hold(wish.id, change)}
          />
        ))}
      {wishes.map((wish) => {
        const brew = brewOf(wish, household);
        return brew ? (
          <UnderWayCard
            key={wish.key}
            wish={wish}
            brew={brew}
            answer={begun.answers.get(wish.key) ?? null}
            glass={glassOf(ahead, wish.key)}
            again={begun.again}
            now={now}
          />
        ) : null;
      })}
      {dated.length + ahead.length > 0 ? (
        <DaysCard
          plans={[...dated, ...ahead]}
          nameOf={(id) => ahead.find(({ wishId }) => wishId === id)?.name ?? nameOf(id, chosen, household)}
          now={now}
        />
      ) : null}
      {chosen.length > 0 ? (
        <ShoppingCard
          portions={shoppingFor(open, chosen, household)}
          before={Math.min(...chosen.map(({ outline }) => outline.pitchAt))}
          now={now}
        />
      ) : null}
      <InkButton
        quiet
        label={t`What can I make with what is here?`}
        onPress={() => router.navigate('/brews/recipes?have=1')}
      />
      <CalendarCard wishes={open} chosen={chosen} ahead={ahead} now={now} />
    </Screen>
  );
}
