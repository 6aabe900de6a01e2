import { View } from 'react-native';
import { hourMs } from '@/core/duration';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { useNow } from '@/store/use-now';
import { Text } from '@/ui/controls/text';
import { Waiting } from '@/ui/controls/waiting';
import { Ribbon } from '@/ui/drawings/ribbon';
import { composedWords, tasteWords } from '@/words/brews/composed-words';
import { t } from '@/core/language/t';

/** The coming ferment on a small ribbon: it moves as sugar, dose, starter and warmth are turned, before anything is mixed. */
export function ComposeRibbon({ answer }: { readonly answer: LotAnswer | null }) {
  const now = useNow();
  if (!answer?.taste) return <Waiting>{t`Working out the coming ferment…`}</Waiting>;
  const { taste } = answer;
  const from = now + taste.earliest * hourMs;
  const until = now + taste.latest * hourMs;
  return (
    <View testID="compose-ribbon" style={{ gap: 2 }}>
      <Text as="strong" live testID="compose-words">
        {tasteWords(answer, now)}
      </Text>
      <Ribbon
        span={{ from, until, fromSoftHours: taste.earliestSpread, untilSoftHours: taste.latestSpread }}
        now={now}
        start={now - 0.08 * ahead(answer) * hourMs}
        end={now + ahead(answer) * hourMs}
        summary={composedWords(answer, now)}
      />
    </View>
  );
}

/** The ribbon's clock: steps of two days, so that a window moves on it rather than the clock under it. */
const ahead = ({ taste }: LotAnswer) => Math.max(96, Math.ceil((taste!.latest + 12) / 48) * 48);
