import { useContext, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { composedQuestion } from '@/core/brew/composed-question';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/answer/family-answer';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';
import { lotOf } from '@/core/journal/household';
import type { Warmths } from '@/core/kitchen/places';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Text } from '@/ui/controls/text';
import { Waiting } from '@/ui/controls/waiting';
import { Ribbon } from '@/ui/drawings/ribbon';
import { composedWords } from '@/words/brews/composed-words';
import { QueueContext, useForecasts } from '../../../forecasting/forecasts';
import { baseIn, type Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { hourMs } from '@/core/duration';

/** The coming ferment on a small ribbon: it moves as sugar, dose, starter and warmth are turned, before anything is mixed. */
export function ComposeRibbon({
  state,
  planned,
}: {
  readonly state: WorktopState;
  readonly planned: Planned;
}) {
  const answer = useComposed(state, planned);
  const now = useNow();
  const lot = answer?.lots[0];
  if (!lot?.taste) return <Waiting>Working out the coming ferment…</Waiting>;
  const { taste } = lot;
  const from = now + taste.earliest * hourMs;
  const until = now + taste.latest * hourMs;
  const words = composedWords(lot, now);
  return (
    <View testID="compose-ribbon" style={{ gap: 2 }}>
      <Ribbon
        span={{ from, until, fromSoftHours: taste.earliestSpread, untilSoftHours: taste.latestSpread }}
        now={now}
        start={now - 0.08 * ahead(lot) * hourMs}
        end={now + ahead(lot) * hourMs}
        summary={words}
      />
      <Text live testID="compose-words">
        {words}
      </Text>
    </View>
  );
}

/** Temperatures as they were, with what is supposed from now on. */
function supposedWarmths(warmths: Warmths, { place, celsius }: WorktopState, now: number): Warmths {
  return celsius === null
    ? warmths
    : { ...warmths, [place]: [...(warmths[place] ?? []).filter(({ at }) => at < now), { at: now, celsius }] };
}

/** The ribbon's clock: steps of two days, so that a window moves on it rather than the clock under it. */
const ahead = ({ taste }: LotAnswer) => Math.max(96, Math.ceil((taste!.latest + 12) / 48) * 48);

/** The newest answer about what is on the worktop; the one before stays until it is there. */
function useComposed(state: WorktopState, { plan, life }: Planned): FamilyAnswer | null {
  const queue = useContext(QueueContext)!;
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / hourMs) * hourMs;
  const question = composedQuestion({
    portions: plan.brew.portions,
    life,
    base: baseIn(state),
    method: state.method,
    place: state.place,
    wantedVolumes: state.volumes,
    jarMl: plan.brew.jarMl,
    find: (id) => lotOf(household, id),
    warmths: supposedWarmths(household.warmths, state, now),
    learned: forecasts.learnedFor,
    habits: habitsOf(household),
    now,
  });
  const [answer, setAnswer] = useState<FamilyAnswer | null>(null);
  const key = JSON.stringify(question);
  const asked = useRef<{ key: string; question: FamilyQuestion | null; busy: boolean }>({
    key: '',
    question: null,
    busy: false,
  });
  useEffect(() => {
    const line = asked.current;
    line.question = question;
    if (line.key === key || line.busy) return;
    const next = async () => {
      line.busy = true;
      // Whatever was turned meanwhile is asked next; what lies between is left out.
      while (line.question && JSON.stringify(line.question) !== line.key) {
        const wanted = line.question;
        line.key = JSON.stringify(wanted);
        const found = await queue.compose(wanted);
        if (found) setAnswer(found);
      }
      line.busy = false;
    };
    void next();
  });
  return question ? answer : null;
}
