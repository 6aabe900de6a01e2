import { useRouter } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { firstKind, keptKinds } from '@/core/cultures/registry';
import { contentsOf } from '@/core/lots/begin';
import { levelMl } from '@/core/matter/contents';
import { percentagesOf } from '@/core/starter/percentages';
import type { Portion } from '@/core/matter/portion';
import { volumeTyped } from '@/core/measures/portion-measure';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
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
import { portionsWords } from '@/words/amounts';
import { PortionRows } from '../forms/portion-rows';
import { readRows, volumeEcho } from '../forms/portion-form';
import { resolverOf } from '../forms/read-form';
import { useAct } from '../shell/act-context';
import { kindOf, readStarter, starterRows, type StarterOutput, type StarterValues } from './starter-form';

const usual = [
  'water',
  'white-sugar',
  'cane-sugar',
  'honey',
  'molasses',
  'ginger',
  'kefir-grains',
  'elderflower',
  'raisin',
  'black-tea',
];

/** Beginning a starter of any kind, with what the spoons really make. */
export function NewStarter() {
  const act = useAct();
  const router = useRouter();
  const wide = useWide();
  const form = useForm<StarterValues, unknown, StarterOutput>({
    resolver: resolverOf(readStarter),
    defaultValues: { kind: firstKind.id, name: '', jar: '700 ml', portions: starterRows(firstKind.id) },
  });
  const typed = useWatch({ control: form.control }) as StarterValues;
  const kind = kindOf(typed.kind);
  const choose = (id: string) => {
    form.setValue('kind', id);
    form.setValue('portions', starterRows(id));
  };
  const save = form.handleSubmit(({ name, jarMl, portions }) => {
    const entry = act(
      {
        kind: 'lot-begun',
        role: 'starter',
        name,
        vessel: { kind: 'jar', ml: jarMl },
        closure: kind.keeping.closure,
        place: 'counter',
        culture: kind.id,
        portions,
      },
      `${name} is begun.`,
    );
    router.replace(`/starters/${entry.id}` as never);
  });
  const control = form.control as never;
  const { portions } = readRows(typed.portions ?? []);
  return (
    <Screen title={`Begin a ${kind.name}`} over="Starters" pane={wide}>
      <Choice
        label="Kind"
        options={keptKinds.map(({ id, name }) => ({ value: id, label: capital(name) }))}
        value={typed.kind}
        onChange={choose}
      />
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        <Field control={control} name="name" label="Name" hint="What you will call it" />
        <Field control={control} name="jar" label="Jar" hint="Full to the brim" echo={volumeEcho('ml')} />
      </View>
      <PortionRows control={control} usual={usual} hints={{ water: 'Chlorine gone: boiled or stood' }} />
      {portions.length > 1 ? <Preview portions={portions} jar={typed.jar} kind={kind} /> : null}
      {form.formState.errors.root ? (
        <Note tone="danger" testID="error-root">
          {form.formState.errors.root.message ?? ''}
        </Note>
      ) : null}
      <Note tone="caution">{kind.keeping.caution}</Note>
      <InkButton label="Begin" onPress={() => void save()} />
    </Screen>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

function Preview({
  portions,
  jar,
  kind,
}: {
  readonly portions: readonly Portion[];
  readonly jar: string;
  readonly kind: ReturnType<typeof kindOf>;
}) {
  const roles = useRoles();
  const share = percentagesOf(portions, kind.keeping);
  const level = levelMl(contentsOf(portions));
  const typedJar = volumeTyped(jar, 'ml');
  const jarMl = typedJar.ok ? Math.max(100, typedJar.value) : Math.max(700, level);
  const [low, high] = kind.keeping.begin.sugarShare;
  return (
    <Card label="What this makes" testID="starter-preview">
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <Jar
          jarMl={jarMl}
          levelMl={level}
          markMl={level}
          liveliness={0.1}
          culture={kind.id}
          label={`Fills ${Math.round(level)} ml`}
          litreHeight={120}
        />
        <Figure value={share.body.toFixed(1)} unit="% plant" />
        <Figure value={share.sweetener.toFixed(1)} unit="% sweetener" />
      </View>
      {share.notes.map((note) => (
        <Text key={note}>{note}</Text>
      ))}
      <Text
        color={roles.softText}
      >{`${portionsWords(portions)}: ${Math.round(level)} ml in the jar.${high > 0 ? ` ${Math.round(low * 1000) / 10}–${Math.round(high * 1000) / 10} % sweetener is usual.` : ''}`}</Text>
    </Card>
  );
}
