import { useForm, useWatch, type PathValue } from 'react-hook-form';
import { useState } from 'react';
import { lotIn, openLots } from './other-lots';
import { wentTo } from '@/core/lots/lineage';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { solidGrams } from '@/core/matter/contents';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { lotName } from '@/words/names';
import { volumeEcho } from '../forms/portion-form';
import { resolverOf } from '../forms/read-form';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import { BottleFields } from './bottle-fields';
import { IntoLot } from './into-lot';
import { JarFields } from './jar-fields';
import { takens, wheres } from './pour-choices';
import { availableMl, readPour, type Poured, type PourValues, type Where } from './pour-form';
import type { LotSheetProps } from './sheet-props';
import { t } from '@/core/language/t';

/** What a glass holds. */
const glass = '250 ml';

interface Props extends LotSheetProps {
  readonly where?: Where;
  readonly lotId?: string;
  readonly amount?: string;
}

/** Out of one vessel into others: bottles, a jar that is there, a new one, or away. */
export function PourSheet({ lot, onClose, where, lotId, amount }: Props) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const [at, setAt] = useState<number | null>(null);
  const others = openLots(household, lot);
  const bottles = wentTo(lot).filter(
    (edge) => edge.lotId && lotIn(household, edge.lotId)?.role === 'bottle',
  ).length;
  const resolver = resolverOf<PourValues, Poured>((values) => readPour(values, lot, bottles));
  const form = useForm<PourValues, unknown, Poured>({
    resolver,
    defaultValues: {
      taken: 'liquid',
      where: where ?? (lot.role === 'starter' ? 'lot' : lot.role === 'bottle' ? 'away' : 'bottles'),
      amount: amount ?? '',
      vessel: 'swing-top',
      count: '',
      size: '500 ml',
      headspace: '20 ml',
      dose: '',
      doseOf: 'white-sugar',
      lotId: lotId ?? others[0]?.id ?? '',
      celsius: '',
      name: '',
      jar: '1 L',
      role: lot.role === 'starter' ? 'starter' : 'brew',
    },
  });
  const typed = useWatch({ control: form.control }) as PourValues;
  const set = <K extends keyof PourValues>(field: K, value: PourValues[K]) =>
    form.setValue(field, value as PathValue<PourValues, K>, { shouldValidate: form.formState.isSubmitted });
  const save = form.handleSubmit((poured) => {
    act(
      { kind: 'transferred', ...poured },
      typed.where === 'bottles'
        ? t`${lot.name} is bottled.`
        : typed.where === 'drunk'
          ? t`A drink of ${lot.name}.`
          : t`Poured from ${lot.name}.`,
      at ?? undefined,
    );
    onClose();
  });
  const most =
    typed.taken === 'solids'
      ? t`${Math.round(solidGrams(lot.contents))} g of solids`
      : t`${Math.round(lot.role === 'starter' && typed.taken === 'liquid' ? mostDrawableMl(lot) : availableMl(lot, typed.taken))} ml`;
  return (
    <Sheet
      title={
        typed.where === 'bottles'
          ? t`Bottle ${lotName(lot, household)}`
          : t`Pour from ${lotName(lot, household)}`
      }
      onClose={onClose}
    >
      <Choice
        titled
        label={t`What`}
        options={takens}
        value={typed.taken}
        onChange={(taken) => set('taken', taken)}
      />
      <Choice
        titled
        label={t`Where to`}
        options={wheres.filter(({ value }) => value !== 'lot' || others.length > 0)}
        value={typed.where}
        onChange={(value) => {
          set('where', value);
          if (value === 'drunk' && typed.amount === '') set('amount', glass);
        }}
      />
      {typed.where === 'bottles' ? (
        <BottleFields control={form.control} typed={typed} lot={lot} onSet={set} />
      ) : (
        <Field
          control={form.control}
          name="amount"
          label={t`How much`}
          hint={t`${lot.name} can give ${most}. Empty: all of it`}
          echo={volumeEcho('ml')}
        />
      )}
      {typed.where === 'lot' ? (
        <IntoLot
          control={form.control}
          others={others}
          household={household}
          chosen={typed.lotId}
          onChoose={(id) => set('lotId', id)}
        />
      ) : null}
      {typed.where === 'jar' ? <JarFields control={form.control} typed={typed} onSet={set} /> : null}
      {form.formState.errors.lotId ? (
        <Note tone="danger">{form.formState.errors.lotId.message ?? ''}</Note>
      ) : null}
      <WhenField value={at} onChange={setAt} />
      <InkButton
        label={typed.where === 'bottles' ? t`Bottled` : typed.where === 'drunk' ? t`Drunk` : t`Poured`}
        onPress={() => void save()}
      />
    </Sheet>
  );
}
