import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { StarterState } from '@/core/starter/starter-state';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../shell/act-context';
import { brewForm, suggestedDose, type BrewInput, type BrewOutput } from './brew-form';
import { BrewPreview } from './brew-preview';

interface Props {
  readonly starters: readonly StarterState[];
  readonly chosen: StarterState;
}

const entries = [
  { value: 'litres', label: 'Litres of soda' },
  { value: 'bottles', label: 'Bottles' },
  { value: 'water', label: 'Water I have' },
] as const;

/** A ginger soda from a starter: amounts worked out, the draw checked against what the jar can give. */
export function NewBrew({ starters, chosen }: Props) {
  const act = useAct();
  const router = useRouter();
  const wide = useWide();
  const schema = brewForm(starters);
  const { control, handleSubmit, setValue, formState } = useForm<BrewInput, unknown, BrewOutput>({
    resolver: zodResolver(schema),
    defaultValues: {
      name: '', starterId: chosen.id, by: 'litres', volume: '2 L', count: '4', size: '500 ml', sugar: '', ginger: '60 g',
      dose: suggestedDose(2000, chosen), volumes: '2.5',
    }, // prettier-ignore
  });
  const typed = useWatch({ control }) as BrewInput;
  const save = handleSubmit(({ name, starterId, plan, gingerGrams, wantedVolumes }) => {
    const entry = act(
      {
        kind: 'batch-begun',
        name,
        starterId,
        waterMl: Math.round(plan.waterMl),
        gingerGrams,
        sugarGrams: plan.sugarGrams,
        doseMl: plan.doseMl,
        wantedVolumes,
      },
      `${name} is mixed.`,
    );
    router.replace(`/brews/${entry.id}` as never);
  });
  const root = formState.errors.root?.message;
  return (
    <Screen title="A ginger soda" over="Brews" pane={wide}>
      <Field control={control as never} name="name" label="Name" hint="What it will be called" />
      {starters.length > 1 ? (
        <Choice
          label="Starter"
          options={starters.map((starter) => ({ value: starter.id, label: starter.name }))}
          value={typed.starterId}
          onChange={(id) => setValue('starterId', id, { shouldValidate: formState.isSubmitted })}
        />
      ) : null}
      <Text as="strong">How much?</Text>
      <Choice
        label="How much?"
        options={entries}
        value={typed.by}
        onChange={(by) => setValue('by', by, { shouldValidate: formState.isSubmitted })}
      />
      {typed.by === 'bottles' ? (
        <View style={{ flexDirection: 'row', gap: gap.medium }}>
          <Field control={control as never} name="count" label="Bottles" numeric />
          <Field control={control as never} name="size" label="Size of each" hint="500 ml, 0,75 l" />
        </View>
      ) : (
        <Field
          control={control as never}
          name="volume"
          label={typed.by === 'water' ? 'Water' : 'Volume'}
          hint="2 L, 18 dl, 6 cups"
        />
      )}
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field control={control as never} name="sugar" label="Sugar" hint="160 g, ¾ cup" />
        <Field control={control as never} name="ginger" label="Ginger" hint="60 g, 10 tbsp" />
      </View>
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field control={control as never} name="dose" label="Starter to draw" hint="5–12 % of the batch" />
        <Field
          control={control as never}
          name="volumes"
          label="Fizz wanted"
          hint="2 soft, 2.5 lively, 3 sharp"
          numeric
        />
      </View>
      <BrewPreview typed={typed} starters={starters} />
      {root ? <Note tone="danger">{root}</Note> : null}
      <InkButton label="Mixed" hint="Mixed: write it down" onPress={() => void save()} />
    </Screen>
  );
}
