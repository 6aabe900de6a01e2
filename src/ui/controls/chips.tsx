import { ChipRow } from './chip-row';

interface Props<V extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly chosen: readonly V[];
  readonly onToggle: (value: V) => void;
}

/** Any of a few, as chips. */
export function Chips<V extends string>({ label, options, chosen, onToggle }: Props<V>) {
  return (
    <ChipRow
      label={label}
      pick="any"
      options={options}
      isOn={(value) => chosen.includes(value)}
      onPress={onToggle}
    />
  );
}
