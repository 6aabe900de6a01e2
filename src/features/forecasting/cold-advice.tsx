import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { counterWords, keepingWords } from '@/words/bottles/keeping-words';
import { Why } from '../why/why';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly answer: LotAnswer;
  readonly now: number;
}

/** A bottle in the fridge: by when to open it, why, and what it would come to on the counter again. */
export function ColdAdvice({ lot, answer, now }: Props) {
  const words = keepingWords(answer, now);
  const again = counterWords(answer);
  if (!words)
    return (
      <Text>{t`Cold and slow: what is sweet keeps gaining a little pressure over weeks. Being worked out…`}</Text>
    );
  return (
    <View style={{ gap: 8 }} testID="advice">
      <Text as="subheading" level={2} live>{t`${words.title}, because ${words.because}`}</Text>
      {again ? <Note tone={again.danger ? 'danger' : 'plain'}>{again.text}</Note> : null}
      <Why topic="pressure" lot={lot} now={now} />
    </View>
  );
}
