import { ChipRow } from './chip-row';

interface Props<V extends string | number> {
  readonly label: string;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly value: V | null;
  readonly onChange: (value: V) => void;
}

/** One of a few, as chips. */
export function Choice<V extends string | number>({ label, options, value, onChange }: Props<V>) {
  return (
    <ChipRow label={label} pick="one" options={options} isOn={(each) => each === value} onPress={onChange} />
  );
}
