import type { ShortOption } from '@/core/bottling/fill-plan';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { shortWords } from '@/words/bottles/bottling-words';
import type { LeftOver as Left } from './bottling-entries';
import { t } from '@/core/language/t';

interface Props {
  readonly leftMl: number;
  /** What can be done when bottles are short; none when they are not. */
  readonly options: readonly ShortOption[];
  readonly left: Left;
  readonly onLeft: (left: Left) => void;
  /** Fills one more bottle in part; left out when none stands empty. */
  readonly onPart: (() => void) | undefined;
}

/** What no bottle takes: what can be done about it, and what is done. */
export function LeftOver({ leftMl, options, left, onLeft, onPart }: Props) {
  if (leftMl <= 5) return null;
  return (
    <>
      {options.length > 0 ? (
        <Card label={t`What is over`} testID="short">
          <Text as="subheading" level={2}>
            {t`${Math.round(leftMl)} ml have no bottle`}
          </Text>
          {options.map((option) => (
            <Text key={option}>{shortWords[option]}</Text>
          ))}
        </Card>
      ) : null}
      {onPart && leftMl >= 50 ? (
        <InkButton quiet label={t`Fill one more in part: ${Math.floor(leftMl)} ml`} onPress={onPart} />
      ) : null}
      <Choice
        titled
        label={t`What is done with what is over`}
        options={[
          { value: 'leave', label: t`Leave it in the jar` },
          { value: 'drink', label: t`Drink it now` },
        ]}
        value={left}
        onChange={onLeft}
      />
    </>
  );
}
