import { View } from 'react-native';
import type { WishAnswer } from '@/core/plan/answer';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { chanceWords } from '@/words/chance';
import { remedyWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';

/** What would make a wish surer. */
export function Remedies({ answer }: { readonly answer: WishAnswer }) {
  // What is said in the same words is no remedy to a reader.
  const now = chanceWords(answer.chosen?.chance ?? 0);
  const told = answer.remedies.filter(({ chance }) => chanceWords(chance) !== now);
  if (told.length === 0) return null;
  return (
    <View testID="remedies">
      <Text as="strong">{t`What would make it surer`}</Text>
      {told.map((remedy) => (
        <Text key={remedy.kind}>{remedyWords(remedy)}</Text>
      ))}
    </View>
  );
}

/** A wish that is not met, and what would make it fit. */
export function Unmet({ answer, held }: { readonly answer: WishAnswer; readonly held: boolean }) {
  return (
    <View style={{ gap: gap.small }} testID="unmet">
      <Note tone="caution">
        {held
          ? t`It cannot be done by then with what is held.`
          : answer.moments.length === 0
            ? t`It cannot be done by then with what lives here.`
            : t`It does not fit beside the other wishes.`}
      </Note>
      <Remedies answer={answer} />
    </View>
  );
}
