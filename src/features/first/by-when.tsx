import { useState } from 'react';
import { View } from 'react-native';
import { knownGuides, waysToBegin } from '@/core/cultures/guides/registry';
import { dayMs } from '@/core/duration';
import { libraryFor } from '@/core/recipes/library/library-for';
import { firstGlass, type StageTime } from '@/core/starter/first-glass';
import { MomentField } from '@/ui/controls/moment-field';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { dayWords, inTimeWords } from '@/words/starters/first-glass-words';
import { t } from '@/core/language/t';

interface Props {
  readonly glass: StageTime;
  readonly celsius: number;
  readonly now: number;
}

/** Whether the first glass comes in time for a day, and what would be quicker. */
export function ByWhen({ glass, celsius, now }: Props) {
  const [by, setBy] = useState<number | null>(null);
  const late = by !== null && glass.usual > by;
  return (
    <View style={{ gap: gap.small }}>
      <MomentField
        label={t`By when would you like it?`}
        value={by}
        min={now}
        dayOnly
        onChange={setBy}
        said={by === null ? t`Any day will do` : dayWords(by, now)}
      />
      {by === null ? null : (
        <Text as="strong" live testID="in-time">
          {`${inTimeWords(glass, by)}${late ? quickerWords(glass, celsius, now) : ''}`}
        </Text>
      )}
    </View>
  );
}

/** What would be there sooner, were it at hand: the quickest, with the shortest recipe there is for it. */
function quickerWords(glass: StageTime, celsius: number, now: number): string {
  const [quickest] = waysToBegin
    .flatMap(({ way, culture }) => (way.have ? [{ have: way.have, way, culture }] : []))
    .map(({ have, way, culture }) => {
      const days = libraryFor(culture.id)[0]?.method.days ?? null;
      return {
        have,
        usual: firstGlass(way, culture, knownGuides(culture.id), days, celsius, now).at(-1)!.usual,
      };
    })
    .sort((a, b) => a.usual - b.usual);
  return quickest && quickest.usual < glass.usual - dayMs / 2
    ? t` Quicker: ${quickest.have.charAt(0).toLowerCase()}${quickest.have.slice(1)}, about ${dayWords(quickest.usual, now)}.`
    : '';
}
