import { refusalWords } from '@/words/refusals';
import { FormProvider, useForm } from 'react-hook-form';
import { useState } from 'react';
import { parseEntry, type Entry } from '@/core/journal/entry';
import { amendedBy } from '@/core/journal/effective';
import { targetLotId } from '@/core/lots/transfer';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { entryWords } from '@/words/journal/entry-words';
import { nameOfLot, quantityWords } from '@/words/names';
import { PortionRows } from '../forms/portion-rows';
import { resolverOf } from '../forms/read-form';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import { amendDefaults, readAmend, type AmendValues, type Patch } from './amend-form';
import { t } from '@/core/language/t';

interface Props {
  readonly entry: Entry;
  readonly lotId: string;
  readonly onClose: () => void;
}

/** Corrects an entry: its amounts, its time, its note. What hangs on it follows. */
export function AmendSheet({ entry, lotId, onClose }: Props) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const [at, setAt] = useState<number | null>(entry.at);
  const [fault, setFault] = useState<string | null>(null);
  const form = useForm<AmendValues, unknown, Patch>({
    resolver: resolverOf((values) => readAmend(values, entry)),
    defaultValues: amendDefaults(entry),
  });
  const save = form.handleSubmit((patch) => {
    const whole = at !== null && at !== entry.at ? { ...patch, at } : patch;
    if (Object.keys(whole).length === 0) return onClose();
    const checked = parseEntry(amendedBy(entry, [{ id: entry.id, patch: whole }]));
    if (!checked.ok) return setFault(refusalWords(checked));
    act({ kind: 'amended', targetId: entry.id, patch: whole }, t`Corrected, with all that depends on it.`);
    onClose();
  });
  const control = form.control;
  return (
    <Sheet title={t`Correct an entry`} onClose={onClose}>
      <Text>{entryWords(entry, household, lotId)}</Text>
      {'portions' in entry ? (
        <FormProvider {...form}>
          <PortionRows usual={['white-sugar', 'water', 'ginger', 'honey']} />
        </FormProvider>
      ) : null}
      {entry.kind === 'transferred'
        ? entry.targets
            .slice(0, 12)
            .map((target, index) => (
              <Field
                key={index}
                control={control}
                name={`targets.${index}.amount`}
                label={t`To ${nameOfLot(target.begin ? targetLotId(entry.id, index) : (target.lotId ?? null), household)}`}
                hint={t`ml, or g of solids`}
              />
            ))
        : null}
      {entry.kind === 'measured' ? (
        <Field control={control} name="value" label={quantityWords[entry.quantity].title} numeric />
      ) : null}
      <Field control={control} name="note" label={t`Note`} multiline />
      <WhenField value={at} onChange={setAt} />
      {fault ? <Note tone="danger">{fault}</Note> : null}
      <InkButton label={t`Correct it`} onPress={() => void save()} />
    </Sheet>
  );
}
