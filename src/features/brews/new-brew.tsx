import { useRouter } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { bareId } from '@/core/cultures/registry';
import { baseKinds } from '@/core/ferment/scenario-kinds';
import type { Lot } from '@/core/lots/lot';
import { celsiusAt } from '@/core/kitchen/places';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { baseWords } from '@/words/base-words';
import { PortionRows } from '../forms/portion-rows';
import { resolverOf } from '../forms/read-form';
import { useAct } from '../shell/act-context';
import { doseFor, readBrew, withAdded, type BrewOutput, type BrewValues } from './brew-form';
import { BrewAmount } from './brew-amount';
import { BrewLife } from './brew-life';
import { BrewPreview } from './brew-preview';
import { useFollowingDose } from './use-following-dose';

interface Props {
  /** Jars to draw from, the one asked for first. */
  readonly starters: readonly Lot[];
  /** Something that goes in from the start, as the workbook sends it: "white-sugar~120 g". */
  readonly add?: string | undefined;
}

const usual = [
  'white-sugar',
  'ginger',
  'lemon-juice',
  'pear',
  'plum',
  'honey',
  'elderflower',
  'wine-yeast',
  'kefir-grains',
  'whey',
];

/** A brew of any base, any list of ingredients and any kind of life: amounts worked out, the draw checked against what the jar can give. */
export function NewBrew({ starters, add }: Props) {
  const act = useAct();
  const router = useRouter();
  const wide = useWide();
  const now = useNow();
  const celsius = celsiusAt(useAppSelector(selectHousehold).warmths, 'counter', now);
  const first = starters.find(({ role }) => role === 'starter');
  const start = { by: 'litres', volume: '2 L', count: '4', size: '500 ml' } as const;
  const form = useForm<BrewValues, unknown, BrewOutput>({
    resolver: resolverOf((values) => readBrew(values, starters)),
    defaultValues: {
      ...start,
      name: '',
      base: 'ginger-tea',
      portions: withAdded(
        [
          { what: 'white-sugar', amount: '' },
          { what: 'ginger', amount: '60 g' },
        ],
        add,
      ),
      life: first?.id ?? 'portion',
      dose: doseFor(start, first, celsius),
      volumes: '2.5',
    },
  });
  const typed = useWatch({ control: form.control }) as BrewValues;
  useFollowingDose(form, typed, starters, celsius);
  const control = form.control as never;
  const set = (field: keyof BrewValues, value: string) =>
    form.setValue(field, value as never, { shouldValidate: form.formState.isSubmitted });
  const save = form.handleSubmit(({ name, base, plan, life, wantedVolumes }) => {
    const planned =
      life.kind === 'lot'
        ? { lotId: life.lot.id, ml: life.ml }
        : life.kind === 'packet'
          ? { lotId: life.lot.id, grams: life.grams }
          : undefined;
    const entry = act(
      {
        kind: 'lot-begun',
        role: 'brew',
        name,
        vessel: { kind: 'jar', ml: plan.jarMl },
        closure: 'airlock',
        place: 'counter',
        culture: life.kind === 'bare' ? bareId : null,
        recipe: { base, wantedVolumes, ...(planned ? { planned } : {}) },
        portions: [...plan.portions],
      },
      `${name} is mixed.`,
    );
    router.replace(`/brews/${entry.id}` as never);
  });
  return (
    <Screen title="A new brew" over="Brews" pane={wide}>
      <Field control={control} name="name" label="Name" hint="What it will be called" />
      <Text as="strong">Base</Text>
      <Choice
        label="Base"
        options={baseKinds.map((value) => ({ value, label: baseWords[value] }))}
        value={typed.base}
        onChange={(base) => set('base', base)}
      />
      <BrewAmount control={control} by={typed.by} setBy={(by) => set('by', by)} />
      <Text as="strong">What goes in, beside water</Text>
      <PortionRows
        control={control}
        usual={usual}
        hints={{ 'white-sugar': '160 g, ¾ cup', ginger: '60 g, 10 tbsp' }}
      />
      <BrewLife control={control} starters={starters} life={typed.life} onLife={(life) => set('life', life)}>
        <Field
          control={control}
          name="volumes"
          label="Fizz wanted"
          hint="2 soft, 2.5 lively, 3 sharp"
          numeric
        />
      </BrewLife>
      <BrewPreview typed={typed} lots={starters} />
      {form.formState.errors.root ? (
        <Note tone="danger">{form.formState.errors.root.message ?? ''}</Note>
      ) : null}
      <InkButton label="Mixed" hint="Mixed: write it down" onPress={() => void save()} />
    </Screen>
  );
}
