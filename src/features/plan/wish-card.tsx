import { View } from 'react-native';
import type { WishAnswer } from '@/core/plan/answer';
import { isHeld, nothingHeld, type Held } from '@/core/plan/held';
import type { Outline } from '@/core/plan/outline';
import type { Preparing } from '@/core/plan/preparation';
import { stockOf, type OpenWish } from '@/core/plan/wished';
import { peopleOf } from '@/core/settings/person';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';
import { wishedWords } from '@/words/plan/plan-words';
import { atWords } from '@/words/when';
import { t } from '@/core/language/t';
import { NoneYet } from './none-yet';
import { slippedMs } from './plan-ask';
import { PlannedWay } from './planned-way';
import { recipeNamed } from './recipe-named';
import { Unmet } from './remedies';
import { usePlanActs } from './use-plan-acts';
import { termsWords } from './wish-terms';

interface Props {
  readonly wish: OpenWish;
  /** Null while it is being worked out. */
  readonly answer: WishAnswer | null;
  /** Asks once more, where it could not be worked out. */
  readonly again: (() => void) | null;
  readonly prepared: readonly Preparing[];
  /** Of a standing wish what comes after. */
  readonly later: readonly { readonly wish: OpenWish; readonly answer: WishAnswer | null }[];
  readonly now: number;
  readonly held: Held;
  readonly onHold: (change: Partial<Held>) => void;
}

/** A wish and the way there; of a standing one the next time, and what follows. */
export function WishCard({ wish, answer, again, prepared, later, now, held, onHold }: Props) {
  const household = useAppSelector(selectHousehold);
  const { giveUp } = usePlanActs();
  const name = (key: string) => recipeNamed(key, household);
  const outline = answer?.chosen ?? null;
  const people = peopleOf(household);
  return (
    <Card label={name(wish.recipe)} testID="wish">
      <Text as="heading" level={2}>{t`${name(outline?.wayId ?? wish.recipe)}, ${litres(wish.ml)}`}</Text>
      {wish.standing ? <Text>{wishedWords(wish.standing, stockOf(wish, household))}</Text> : null}
      <Text>
        {wish.standing?.kind === 'stock'
          ? t`Enough until ${moment(wish.by, now)}`
          : t`Cold by ${moment(wish.by, now)}`}
      </Text>
      {wish.terms ? (
        <Text>{t`Wanted: ${termsWords(wish.terms, (key) => people.find((each) => each.key === key)?.name)}.`}</Text>
      ) : null}
      <Slipped wish={wish} outline={outline} now={now} />
      {answer === null ? <NoneYet waiting={t`Working the way out…`} again={again} /> : null}
      {answer && outline ? (
        <PlannedWay
          wish={wish}
          answer={answer}
          outline={outline}
          prepared={prepared}
          now={now}
          held={held}
          onHold={onHold}
        />
      ) : null}
      {answer && !outline ? <Unmet answer={answer} held={isHeld(held)} /> : null}
      {answer && !outline && isHeld(held) ? (
        <InkButton label={t`Let go what is held`} onPress={() => onHold(nothingHeld)} />
      ) : null}
      <Later later={later} now={now} />
      <InkButton quiet label={t`Give this wish up`} onPress={() => giveUp(wish)} />
    </Card>
  );
}

/** The times after the next one: a line each. */
function Later({ later, now }: Pick<Props, 'later' | 'now'>) {
  if (later.length === 0) return null;
  return (
    <View style={{ gap: gap.small }} testID="later">
      <Text as="strong">{t`After that`}</Text>
      {later.map(({ wish, answer }) => (
        <Text key={wish.id}>
          {answer?.chosen
            ? t`Brew ${moment(answer.chosen.pitchAt, now)}, cold by ${moment(wish.by, now)}: ${chanceWords(answer.chosen.chance)}.`
            : t`Cold by ${moment(wish.by, now)}: no way yet.`}
        </Text>
      ))}
    </View>
  );
}

/** What became of the brew day that was taken: never a silent change. */
function Slipped({ wish, outline, now }: { wish: OpenWish; outline: Outline | null; now: number }) {
  const { taken } = wish;
  if (!taken || !outline || now <= taken.pitchAt + slippedMs) return null;
  return (
    <Note tone="caution" testID="slipped">
      {t`The brew day was ${moment(taken.pitchAt, now)}, in time ${chanceWords(taken.chance)}. Now ${atWords(outline.pitchAt, now)}, in time ${chanceWords(outline.chance)}.`}
    </Note>
  );
}
