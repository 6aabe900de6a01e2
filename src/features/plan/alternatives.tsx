import type { WishAnswer } from '@/core/plan/answer';
import type { Outline } from '@/core/plan/outline';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';
import { alternativeWords, leastWorkWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { recipeNamed } from './recipe-named';

interface Props {
  readonly answer: WishAnswer;
  readonly outline: Outline;
  /** The brew day that stands, ms. */
  readonly at: number;
  readonly now: number;
  readonly onMove: (at: number, wayId: string) => void;
}

/** Plans that differ in something: each a tap. */
export function Alternatives({ answer, outline, at, now, onMove }: Props) {
  const household = useAppSelector(selectHousehold);
  if (answer.alternatives.length < 2) return null;
  const labelOf = ({ kind, outline: other }: WishAnswer['alternatives'][number]) => {
    const first = kind === 'least-work' ? leastWorkWords(other.acts) : alternativeWords[kind];
    const when = other.pitchAt <= now ? t`now` : moment(other.pitchAt, now);
    const chance = chanceWords(other.chance);
    return other.wayId === outline.wayId
      ? t`${first}: ${when}, ${chance}`
      : t`${first}: ${recipeNamed(other.wayId, household)}, ${when}, ${chance}`;
  };
  const isChosen = (other: Outline) => other.wayId === outline.wayId && other.pitchAt === at;
  return (
    <Choice
      label={t`Plans`}
      options={answer.alternatives.map((each) => ({ value: each.kind, label: labelOf(each) }))}
      value={answer.alternatives.find((each) => isChosen(each.outline))?.kind ?? null}
      onChange={(to) => {
        const found = answer.alternatives.find(({ kind }) => kind === to)?.outline;
        if (found) onMove(found.pitchAt, found.wayId);
      }}
    />
  );
}
