import { refusalWords } from '@/words/refusals';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { useState } from 'react';
import { canAdd } from '@/core/lots/checks';
import type { Lot } from '@/core/lots/lot';
import { keptCulture, usualFeed } from '@/core/starter/feed-plan';
import { gramsOfPortion, type Portion } from '@/core/matter/portion';
import { InkButton } from '@/ui/controls/ink-button';
import { Choice } from '@/ui/controls/choice';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { portionsWords } from '@/words/amounts';
import { PortionRows } from '../forms/portion-rows';
import { readRows, rowOf, type PortionRow } from '../forms/portion-form';
import { faultAt, reads, resolverOf } from '../forms/read-form';
import { WhenField } from '../forms/when-field';
import { BiggerJar } from './bigger-jar';
import { useActs } from '../acts/act-context';
import type { LotSheetProps } from './sheet-props';
import { t } from '@/core/language/t';

interface Values {
  readonly portions: PortionRow[];
}

type Later = 'usual' | 'once';
const laterOptions: readonly { readonly value: Later; readonly label: string }[] = [
  { value: 'usual', label: t`From now on like this` },
  { value: 'once', label: t`Only this once` },
];

/** Whether two feeds are one but for water, which follows the level. */
function sameFeed(one: readonly Portion[], other: readonly Portion[]): boolean {
  const grams = (list: readonly Portion[]) =>
    list
      .filter(({ what }) => what !== 'water')
      .map((portion) => `${portion.what} ${gramsOfPortion(portion).toFixed(1)}`)
      .sort()
      .join();
  return grams(one) === grams(other);
}

/** What usually goes into a lot, by its role. */
const usual = (lot: Lot): readonly string[] =>
  lot.role === 'starter'
    ? ['ginger', 'white-sugar', 'water', 'cane-sugar', 'molasses', 'raisin', 'kefir-grains', 'honey']
    : [
        'white-sugar',
        'lemon-juice',
        'water',
        'honey',
        'raspberry-puree',
        'pear-juice',
        'wine-yeast',
        'sea-salt',
      ];

const firstRows = (lot: Lot): PortionRow[] =>
  keptCulture(lot) && usualFeed(lot).length > 0
    ? [
        ...usualFeed(lot).map(rowOf),
        ...(usualFeed(lot).some(({ what }) => what === 'water') ? [] : [{ what: 'water', amount: '' }]),
      ]
    : [
        { what: 'white-sugar', amount: '' },
        { what: 'water', amount: '' },
      ];

/** Something goes in: a feed, a top-up, sugar, lemon, juice. */
export function AddSheet({ lot, onClose }: LotSheetProps) {
  const { act, together } = useActs();
  const [at, setAt] = useState<number | null>(null);
  // Only a feed that is another than the usual one is asked about.
  const [later, setLater] = useState<Later>('usual');
  const [bigger, setBigger] = useState<number | null>(null);
  const form = useForm<Values, unknown, { portions: Portion[] }>({
    resolver: resolverOf((values) => {
      const { portions, faults } = readRows(values.portions);
      if (Object.keys(faults).length > 0) return { ok: false, faults };
      const fits = canAdd(
        bigger === null ? lot : { ...lot, vessel: { ...lot.vessel, ml: bigger } },
        portions,
      );
      return fits.ok ? reads({ portions }) : faultAt('root', refusalWords(fits));
    }),
    defaultValues: { portions: firstRows(lot) },
  });
  const typed = useWatch({ control: form.control, name: 'portions' });
  const { portions } = readRows(typed ?? []);
  const fits = portions.length > 0 ? canAdd(lot, portions) : null;
  const overRim = fits?.ok === false && fits.code === 'add.over-rim' && lot.role !== 'bottle';
  const habit = keptCulture(lot) ? usualFeed(lot) : [];
  const isOther = portions.length > 0 && habit.length > 0 && !sameFeed(portions, habit);
  const write = (value: { readonly portions: readonly Portion[] }) => {
    if (overRim && bigger !== null)
      act(
        { kind: 'moved', lots: [lot.id], place: lot.place, vessel: { kind: 'jar', ml: bigger } },
        t`${lot.name} is in a bigger jar.`,
        at ?? undefined,
      );
    act(
      {
        kind: 'portions-added',
        lotId: lot.id,
        portions: value.portions,
        ...(isOther ? { usual: later === 'usual' } : {}),
      },
      `${lot.role === 'starter' ? t`Fed` : t`Added to`} ${lot.name}.`,
      at ?? undefined,
    );
  };
  const save = form.handleSubmit((value) => {
    together(() => write(value));
    onClose();
  });
  const fault =
    overRim && bigger !== null
      ? undefined
      : (form.formState.errors.root?.message ?? (fits && !fits.ok ? refusalWords(fits) : undefined));
  return (
    <Sheet title={lot.role === 'starter' ? t`Feed ${lot.name}` : t`Add to ${lot.name}`} onClose={onClose}>
      <FormProvider {...form}>
        <PortionRows usual={usual(lot)} hints={{ water: t`0 or nothing keeps it dry` }} />
      </FormProvider>
      {fault ? (
        <Note tone="danger" testID="error-add">
          {fault}
        </Note>
      ) : null}
      {overRim ? <BiggerJar lot={lot} portions={portions} ml={bigger} onMl={setBigger} /> : null}
      {fits?.ok ? (
        <Text>{t`${portionsWords(portions)}: ${Math.round(fits.value)} ml in the vessel then.`}</Text>
      ) : null}
      {isOther ? (
        <Choice label={t`Later feeds`} options={laterOptions} value={later} onChange={setLater} />
      ) : null}
      <WhenField value={at} onChange={setAt} />
      <InkButton label={lot.role === 'starter' ? t`Fed` : t`Added`} onPress={() => void save()} />
    </Sheet>
  );
}
