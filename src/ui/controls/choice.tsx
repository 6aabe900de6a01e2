import { View } from 'react-native';
import { gap } from '../theme/shape';
import { ChipRow } from './chip-row';
import { Text } from './text';

interface Props<V extends string | number> {
  readonly label: string;
  /** Whether the label is shown above; without it only a screen reader is told. */
  readonly titled?: boolean;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly value: V | null;
  readonly onChange: (value: V) => void;
}

/** One of a few, as chips. */
export function Choice<V extends string | number>({ label, titled, options, value, onChange }: Props<V>) {
  const chips = (
    <ChipRow label={label} pick="one" options={options} isOn={(each) => each === value} onPress={onChange} />
  );
  if (!titled) return chips;
  return (
    <View style={{ gap: gap.small }}>
      <Text as="strong">{label}</Text>
      {chips}
    </View>
  );
}
