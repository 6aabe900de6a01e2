import { useState } from 'react';
import { brewOf, openWishes, type OpenWish } from '@/core/plan/wished';
import { wishesOf } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { plural, t } from '@/core/language/t';
import { CalendarCard } from './calendar-card';
import { MadeRow } from './made-row';
import { shoppingFor } from './shopping';
import { ShoppingCard } from './shopping-card';
import { usePlan } from './use-plan';
import { WishCard } from './wish-card';
import { WishForm } from './wish-form';

/** From the day it is poured back to tonight: wishes, the way to each, what to buy. */
export function PlanScreen() {
  const household = useAppSelector(selectHousehold);
  const [held, setHeld] = useState<Readonly<Record<string, number>>>({});
  const [adding, setAdding] = useState(false);
  const { answer, now } = usePlan(held);
  const open = openWishes(household, now);
  const wishes = wishesOf(household).filter(({ by, standing }) => standing || by > now);
  const answerOf = ({ id }: OpenWish) => answer?.wishes.find(({ wishId }) => wishId === id) ?? null;
  const chosen = (answer?.wishes ?? []).flatMap(({ wishId, chosen: outline }) =>
    outline ? [{ wishId, outline }] : [],
  );
  const hold = (key: string, at: number | null) =>
    setHeld(({ [key]: _before, ...others }) => (at === null ? others : { ...others, [key]: at }));
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
            later={open
              .filter(({ id, key }) => key === wish.key && id !== key)
              .map((each) => ({ wish: each, answer: answerOf(each) }))}
            now={now}
            onHold={(at) => hold(wish.id, at)}
          />
        ))}
      {wishes.map((wish) => {
        const brew = brewOf(wish, household);
        return brew ? <MadeRow key={wish.key} wish={wish} brew={brew} now={now} /> : null;
      })}
      {chosen.length > 0 ? (
        <ShoppingCard
          portions={shoppingFor(open, chosen, household)}
          before={Math.min(...chosen.map(({ outline }) => outline.pitchAt))}
          now={now}
        />
      ) : null}
      <CalendarCard wishes={open} chosen={chosen} now={now} />
    </Screen>
  );
}
