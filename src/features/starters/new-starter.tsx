import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { gingerBug, millilitresPerGramIn } from '@/core/starter/ginger-bug';
import { percentagesOf } from '@/core/starter/percentages';
import { Card } from '@/ui/controls/card';
import { Field } from '@/ui/controls/field';
import { Figure } from '@/ui/controls/figure';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { massField, nameField, volumeField } from '../forms/measure-field';
import { useAct } from '../shell/act-context';

const amounts = z.object({
  jar: volumeField(100, 20_000),
  ginger: massField('ginger', 1, 2000),
  sugar: massField('sugar', 1, 2000),
  water: volumeField(50, 18_000),
});

const levelOf = ({ ginger, sugar, water }: z.output<typeof amounts>) =>
  water + ginger * millilitresPerGramIn.ginger + sugar * millilitresPerGramIn.sugar;

const starterForm = amounts.extend({ name: nameField }).superRefine((value, context) => {
  const most = value.jar * gingerBug.fullestShare;
  if (levelOf(value) > most) {
    context.addIssue({
      code: 'custom',
      path: ['water'],
      message: `That makes ${Math.round(levelOf(value))} ml; this jar foams over above ${Math.round(most)} ml.`,
    });
  }
});

/** Beginning a ginger bug, with what the spoons really make. */
export function NewStarter() {
  const act = useAct();
  const router = useRouter();
  const wide = useWide();
  const { control, handleSubmit } = useForm<
    z.input<typeof starterForm>,
    unknown,
    z.output<typeof starterForm>
  >({
    resolver: zodResolver(starterForm),
    defaultValues: { name: '', jar: '700 ml', ginger: '', sugar: '', water: '4 dl' },
  });
  const save = handleSubmit(({ name, jar, ginger, sugar, water }) => {
    const entry = act(
      {
        kind: 'starter-begun',
        name,
        culture: 'ginger-bug',
        jarMl: round(jar),
        waterMl: round(water),
        gingerGrams: round(ginger),
        sugarGrams: round(sugar),
      },
      `${name} is begun.`,
    );
    router.replace(`/starters/${entry.id}` as never);
  });
  const typed = useWatch({ control });
  const preview = amounts.safeParse(typed);
  return (
    <Screen title="Begin a ginger bug" over="Starters" pane={wide}>
      <Field control={control as never} name="name" label="Name" hint="What you will call it" />
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field control={control as never} name="jar" label="Jar" hint="Full to the brim" />
        <Field control={control as never} name="water" label="Water" hint="Chlorine gone: boiled or stood" />
      </View>
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field control={control as never} name="ginger" label="Ginger" hint="20 g, or 1/4 cup grated" />
        <Field control={control as never} name="sugar" label="Sugar" hint="20 g, or 1 1/2 tbsp" />
      </View>
      {preview.success ? <Preview value={preview.data} /> : null}
      <Note tone="caution">
        Unpeeled, untreated ginger: the life sits in the skin. Cloth or a loose lid, never sealed tight.
      </Note>
      <InkButton label="Begin" onPress={() => void save()} />
    </Screen>
  );
}

function Preview({ value }: { readonly value: z.output<typeof amounts> }) {
  const roles = useRoles();
  const share = percentagesOf({ waterMl: value.water, gingerGrams: value.ginger, sugarGrams: value.sugar });
  const level = levelOf(value);
  return (
    <Card label="What this makes" testID="starter-preview">
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <Jar
          jarMl={value.jar}
          levelMl={level}
          markMl={level}
          liveliness={0.1}
          label={`Fills ${Math.round(level)} of ${Math.round(value.jar)} ml`}
          litreHeight={120}
        />
        <Figure value={share.ginger.toFixed(1)} unit="% ginger" />
        <Figure value={share.sugar.toFixed(1)} unit="% sugar" />
      </View>
      {share.notes.map((note) => (
        <Text key={note}>{note}</Text>
      ))}
      <Text
        color={roles.softText}
      >{`${Math.round(value.ginger)} g ginger and ${Math.round(value.sugar)} g sugar in ${Math.round(value.water)} ml: ${Math.round(level)} ml in the jar. 4–6 % of each is usual.`}</Text>
    </Card>
  );
}

const round = (value: number) => Math.round(value * 10) / 10;
