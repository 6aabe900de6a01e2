import type { Control } from 'react-hook-form';
import type { Lot } from '@/core/lots/lot';
import type { Household } from '@/core/journal/household';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { lotName } from '@/words/names';
import type { Poured, PourValues } from './pour-form';
import { t } from '@/core/language/t';

interface Props {
  readonly control: Control<PourValues, unknown, Poured>;
  readonly others: readonly Lot[];
  readonly household: Household;
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

/** A lot that is there, and how warm it is when something alive goes in. */
export const IntoLot = ({ control, others, household, chosen, onChoose }: Props) => (
  <>
    <Choice
      label={t`Into`}
      options={others.map((other) => ({ value: other.id, label: lotName(other, household) }))}
      value={chosen}
      onChange={onChoose}
    />
    <Field
      control={control}
      name="celsius"
      label={t`Temperature of the base, °C`}
      numeric
      hint={t`Below 30 °C before anything alive goes in`}
    />
  </>
);
