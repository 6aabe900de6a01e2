import { View } from 'react-native';
import type { TasteKind } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { tasteScales } from '@/words/taste-words';

/** Scores of a sip so far: what nobody scored is not written. */
export type Taste = Readonly<Partial<Record<TasteKind, number>>>;

type Scale = keyof typeof tasteScales;

/** A jar's sip; a bottle's. */
export const jarScales: readonly Scale[] = ['sweet', 'sour', 'liking'];
export const bottleScales: readonly Scale[] = ['sweet', 'sour', 'fizz', 'spice', 'aroma', 'off', 'liking'];

interface Props {
  readonly value: Taste;
  readonly onChange: (taste: Taste) => void;
  readonly kinds: readonly Scale[];
}

/** A sip in a few taps, in a maker's words; a tap on what is chosen takes it back. */
export const TasteChoices = ({ value, onChange, kinds }: Props) => (
  <>
    {kinds.map((kind) => {
      const [title, steps] = tasteScales[kind];
      return (
        <View key={kind} style={{ gap: 4 }}>
          <Text as="strong">{title}</Text>
          <Choice
            label={title}
            options={steps.map((label, i) => ({ value: i + 1, label }))}
            value={value[kind] ?? null}
            onChange={(score) => {
              const { [kind]: before, ...rest } = value;
              onChange(before === score ? rest : { ...rest, [kind]: score });
            }}
          />
        </View>
      );
    })}
  </>
);
