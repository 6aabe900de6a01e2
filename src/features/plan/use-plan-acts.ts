import { lotOf, type Household } from '@/core/journal/household';
import type { OpenWish } from '@/core/plan/wished';
import { wishesOf, type Wish, type WishSetting } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { moment } from '@/words/moment';
import { useActs } from '../acts/act-context';
import { t } from '@/core/language/t';
import { buildUpOf } from './ways';

/** A plan as it is taken. */
interface Taken {
  readonly recipe: string;
  readonly pitchAt: number;
  readonly chance: number;
  readonly bottleAt?: number;
  readonly chillAt?: number;
}

const valueOf = ({ key: _key, ...value }: Wish): WishSetting => value;

/** A key that no wish has, though two are made in one moment. */
function newKey(now: number, household: Household): string {
  const known = new Set(wishesOf(household).map(({ key }) => key));
  let key = `w${now.toString(36)}`;
  while (known.has(key)) key += 'w';
  return key;
}

/** Takes plans and gives wishes up; a build-up comes and goes with its plan. */
export function usePlanActs() {
  const { act, together } = useActs();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  return {
    take: (wish: OpenWish, taken: Taken) =>
      together(() => {
        const built = buildUpOf(wish, taken.recipe, household, now);
        if (built)
          act(
            {
              kind: 'kept',
              thing: 'build-up',
              key: built.lotId,
              value: { amount: built.amount, at: taken.pitchAt },
            },
            t`${lotOf(household, built.lotId)?.name ?? ''} is built up by then.`,
          );
        act(
          {
            kind: 'kept',
            thing: 'wish',
            key: wish.key,
            value: { ...valueOf(wish.kept), taken: { ...taken, since: now } },
          },
          t`Taken: brew ${moment(taken.pitchAt, now)}. Today asks for it.`,
        );
      }),
    giveUp: (wish: Wish) =>
      act({ kind: 'kept', thing: 'wish', key: wish.key, value: null }, t`The wish is given up.`),
    moveTo: (wish: OpenWish, by: number) =>
      act(
        { kind: 'kept', thing: 'wish', key: wish.key, value: { ...valueOf(wish.kept), by, taken: null } },
        t`Wished for ${moment(by, now)}.`,
      ),
    /** A wish whose brew is under way, for another time: its plan stays. */
    postpone: (wish: Wish, by: number) =>
      act(
        { kind: 'kept', thing: 'wish', key: wish.key, value: { ...valueOf(wish), by } },
        t`Wished for ${moment(by, now)}.`,
      ),
    /** The hours that a plan held are let go; the plan stays. */
    letGo: (wish: Wish) => {
      if (!wish.taken) return;
      const { bottleAt: _bottleAt, chillAt: _chillAt, ...taken } = wish.taken;
      const value = { ...valueOf(wish), taken };
      act({ kind: 'kept', thing: 'wish', key: wish.key, value }, t`Nothing is held any more.`);
    },
    wishFor: (value: Omit<WishSetting, 'taken'>) =>
      act(
        { kind: 'kept', thing: 'wish', key: newKey(now, household), value: { ...value, taken: null } },
        value.standing ? t`Yuzet keeps it in view from now on.` : t`Wished for ${moment(value.by, now)}.`,
      ),
  };
}
