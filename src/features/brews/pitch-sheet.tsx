import { refusalWords } from '@/words/refusals';
import { useForm, useWatch } from 'react-hook-form';
import { useState } from 'react';
import { pitchCheck } from '@/core/brew/pitch-check';
import { lotOf } from '@/core/journal/household';
import { solidGrams } from '@/core/matter/contents';
import { degreesTyped } from '@/core/measures/parse-measure';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { volume } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { lotName } from '@/words/names';
import { FeltWarmth } from '../lots/felt-warmth';
import { openLots } from '../lots/other-lots';
import type { LotSheetProps } from '../lots/sheet-props';
import { drawnTyped } from '../forms/drawn-typed';
import { isPacket } from '../forms/packet-dose';
import { resolverOf } from '../forms/read-form';
import { WhenField } from '../forms/when-field';
import { byGrams, isGrains, readPitch, solidOf, type Pitched, type PitchValues } from '../forms/pitch-form';
import { useAct } from '../acts/act-context';
import { Claims } from '../starters/lazy';
import { t } from '@/core/language/t';
import { readingShown } from '@/core/measures/unit-system';

/** Pitching: how warm the base is, and how much is drawn from which jar. */
export function PitchSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const planned = lot.recipe?.planned;
  const jars = openLots(household, lot)
    .filter(({ role }) => role !== 'bottle')
    .sort(
      (a, b) =>
        Number(b.id === planned?.lotId) - Number(a.id === planned?.lotId) ||
        Number(b.role === 'starter') - Number(a.role === 'starter'),
    );
  const [at, setAt] = useState<number | null>(null);
  const form = useForm<PitchValues, unknown, Pitched>({
    resolver: resolverOf<PitchValues, Pitched>((values) => readPitch(values, household, planned)),
    defaultValues: {
      from: jars[0]?.id ?? '',
      celsius: '',
      dose: planned?.ml
        ? `${Math.round(planned.ml)} ml`
        : planned?.grams
          ? `${Number(planned.grams.toFixed(1))} g`
          : '',
    },
  });
  const typed = useWatch({ control: form.control }) as PitchValues;
  const jar = lotOf(household, typed.from);
  const now = useNow();
  const ready = jar ? firstReadyAt(jar, household.warmths, now) : null;
  const weighed = jar !== undefined && byGrams(jar, planned);
  const celsius = degreesTyped(typed.celsius ?? '');
  const check = Number.isFinite(celsius) && celsius > 0 ? pitchCheck(celsius, isGrains(jar, planned)) : null;
  const dose = drawnTyped(typed.dose ?? '', jar);
  const drawn = dose.ok ? dose.value : 0;
  const save = form.handleSubmit(({ from, ml, grams, celsius: warm }) => {
    const taken =
      grams === undefined ? { taken: 'liquid' as const } : { taken: 'solids' as const, ...solidOf(jar) };
    act(
      {
        kind: 'transferred',
        from,
        ...taken,
        celsius: warm,
        targets: [{ lotId: lot.id, ...(grams ? { grams } : { ml }) }],
      },
      t`${lot.name} is pitched.`,
      at ?? undefined,
    );
    onClose();
  });
  const control = form.control;
  return (
    <Sheet title={t`Pitch ${lot.name}`} onClose={onClose}>
      {jars.length === 0 ? (
        <Note tone="caution">{t`There is no starter on the shelf: begin one, or add a packet of yeast with “Add”.`}</Note>
      ) : null}
      {jars.length > 1 ? (
        <Choice
          label={t`From`}
          options={jars.map((each) => ({ value: each.id, label: lotName(each, household) }))}
          value={typed.from}
          onChange={(id) => form.setValue('from', id)}
        />
      ) : null}
      <FeltWarmth
        lot={lot}
        onFelt={(value) =>
          form.setValue('celsius', String(readingShown(value, '°C')), {
            shouldValidate: form.formState.isSubmitted,
          })
        }
      />
      <Field
        control={control}
        name="celsius"
        label={t`Temperature of the base, °C`}
        numeric
        hint={t`Or by a thermometer: below 30 °C before anything alive goes in`}
      />
      {check?.ok && check.value.warn ? <Note tone="caution">{check.value.warn}</Note> : null}
      {check && !check.ok ? <Note tone="danger">{refusalWords(check)}</Note> : null}
      <Field
        control={control}
        name="dose"
        label={
          !jar || !weighed
            ? t`Drawn from the starter`
            : isPacket(jar)
              ? t`From the packet`
              : t`Grains moved in`
        }
        hint={
          !jar
            ? undefined
            : weighed
              ? t`${isPacket(jar) ? t`Wake it in water first` : t`Drained in a plastic sieve`}; ${Number(solidGrams(jar.contents).toFixed(1))} g are left`
              : ready === null
                ? t`${jar.name} can give ${volume(Math.round(mostDrawableMl(jar)))} now`
                : t`${jar.name} is new: ready about ${moment(quarter(ready), now)}`
        }
      />
      {jar && !weighed && jar.role === 'starter' ? (
        <Claims jar={jar} wants={{ ml: drawn, brewId: lot.id }} />
      ) : null}
      <Text>{t`Stir it in. Lemon or lime, if any, goes in now: sour early is safer.`}</Text>
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Pitched`} disabled={jars.length === 0} onPress={() => void save()} />
    </Sheet>
  );
}
