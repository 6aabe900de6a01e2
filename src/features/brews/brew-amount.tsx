import type { Control } from 'react-hook-form';
import { View } from 'react-native';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { volumeEcho } from '../forms/portion-form';
import type { BrewValues } from './brew-form';

const entries = [
  { value: 'litres', label: 'Litres of soda' },
  { value: 'bottles', label: 'Bottles' },
  { value: 'water', label: 'Water I have' },
] as const;

interface Props {
  readonly control: Control;
  readonly by: BrewValues['by'];
  readonly setBy: (by: BrewValues['by']) => void;
}

/** How much is brewed: litres, bottles to fill, or the water there is. */
export function BrewAmount({ control, by, setBy }: Props) {
  return (
    <>
      <Text as="strong">How much?</Text>
      <Choice label="How much?" options={entries} value={by} onChange={setBy} />
      {by === 'bottles' ? (
        <View style={{ flexDirection: 'row', gap: gap.medium }}>
          <Field control={control} name="count" label="Bottles" numeric />
          <Field
            control={control}
            name="size"
            label="Size of each"
            hint="500 ml, 0,75 l"
            echo={volumeEcho('ml')}
          />
        </View>
      ) : (
        <Field
          control={control}
          name="volume"
          label={by === 'water' ? 'Water' : 'Volume'}
          hint="2 L, 18 dl, 6 cups"
          echo={volumeEcho('l')}
        />
      )}
    </>
  );
}
