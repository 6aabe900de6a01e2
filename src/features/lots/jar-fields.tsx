import { View } from 'react-native';
import type { Control } from 'react-hook-form';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { gap } from '@/ui/theme/shape';
import type { Poured, PourValues } from './pour-form';
import { t } from '@/core/language/t';

interface Props {
  readonly control: Control<PourValues, unknown, Poured>;
  readonly typed: PourValues;
  readonly onSet: (field: keyof PourValues, value: string) => void;
}

const roles = [
  { value: 'brew', label: t`A brew` },
  { value: 'starter', label: t`A starter` },
] as const;

/** A new jar for what is poured: a second run, a split, another culture. */
export const JarFields = ({ control, typed, onSet }: Props) => (
  <>
    <Choice
      label={t`It becomes`}
      options={roles}
      value={typed.role}
      onChange={(role) => onSet('role', role)}
    />
    <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
      <Field control={control} name="name" label={t`Name`} hint={t`What it will be called`} />
      <Field control={control} name="jar" label={t`Jar`} hint={t`Full to the brim`} />
    </View>
  </>
);
