import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Press } from '@/ui/controls/press';
import { Icon } from '@/ui/icons/icon';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { PasteList } from './paste-list';
import { IngredientPicker } from './ingredient-picker';
import { ingredientName, rowEcho, rowOf, type PortionRow } from './portion-form';
import { t } from '@/core/language/t';

interface Props {
  readonly usual: readonly string[];
  /** Hints by ingredient: what is usual. */
  readonly hints?: Readonly<Record<string, string>>;
}

type Rows = { portions: PortionRow[] };

/** A list of ingredients of the form around it, each with an amount that takes grams, spoons or cups, and what was understood below it. */
export function PortionRows({ usual, hints = {} }: Props) {
  const { control } = useFormContext<Rows>();
  const roles = useRoles();
  const { fields, append, remove, update } = useFieldArray({ control, name: 'portions' });
  const typed = useWatch({ control, name: 'portions' }) ?? [];
  const [picking, setPicking] = useState(false);
  const [pasting, setPasting] = useState(false);
  const take = (rows: readonly PortionRow[]) => {
    const filled = new Set<number>();
    for (const row of rows) {
      const at = typed.findIndex(
        ({ what, amount }, i) => !filled.has(i) && what === row.what && (amount ?? '').trim() === '',
      );
      if (at < 0) append(row);
      else {
        filled.add(at);
        update(at, row);
      }
    }
  };
  const pick = (what: string) => {
    append({ what, amount: '' });
    setPicking(false);
  };
  return (
    <View style={{ gap: gap.medium }}>
      {fields.map((row, index) => (
        <View key={row.id} style={{ flexDirection: 'row', gap: gap.small, alignItems: 'flex-start' }}>
          <Field
            control={control}
            name={`portions.${index}.amount`}
            label={ingredientName(row.what)}
            hint={hints[row.what] ?? t`g, spoons or cups`}
            echo={(amount) => rowEcho({ ...row, ...typed[index], amount })}
          />
          <Press
            role="button"
            aria-label={t`Leave out ${ingredientName(row.what)}`}
            onPress={() => remove(index)}
            style={{ marginTop: 26, alignItems: 'center' }}
          >
            <Icon name="close" color={roles.softText} />
          </Press>
        </View>
      ))}
      {picking ? (
        <IngredientPicker
          usual={usual.filter((what) => !fields.some((row) => row.what === what))}
          onPick={pick}
        />
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton quiet label={t`Add something`} onPress={() => setPicking(true)} />
          {pasting ? null : <InkButton quiet label={t`Paste a list`} onPress={() => setPasting(true)} />}
        </View>
      )}
      {pasting ? <PasteList onRead={(portions) => take(portions.map(rowOf))} /> : null}
    </View>
  );
}
