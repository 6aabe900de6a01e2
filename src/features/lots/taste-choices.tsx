import { View } from 'react-native';
import type { TasteKind } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { fizzSteps, sweetWords } from '@/words/names';
import { t } from '@/core/language/t';

/** Scores of a sip so far: what nobody scored is not written. */
export type Taste = Readonly<Partial<Record<TasteKind, number>>>;

/** Each scale in a maker's words, from 1 to 5. */
const scales: Readonly<
  Record<Exclude<TasteKind, 'strength'>, readonly [title: string, steps: readonly string[]]>
> = {
  sweet: [t`Sweet`, sweetWords],
  sour: [t`Sour`, [t`Not sour`, t`Fresh`, t`Tart`, t`Sour`, t`Vinegary`]],
  fizz: [t`Fizz`, fizzSteps],
  spice: [t`Spice`, [t`None`, t`A trace`, t`Warm`, t`Spicy`, t`Burning`]],
  aroma: [t`Aroma`, [t`None`, t`Faint`, t`Clear`, t`Full`, t`Too much`]],
  off: [t`Anything off`, [t`Clean`, t`A trace`, t`Noticeable`, t`Strong`, t`Undrinkable`]],
  liking: [t`How is it?`, [t`Not again`, t`Meh`, t`Fine`, t`Good`, t`Again, please`]],
};
type Scale = keyof typeof scales;

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
      const [title, steps] = scales[kind];
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
