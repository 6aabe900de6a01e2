import { useRouter } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { firstKind, keptKinds } from '@/core/cultures/registry';
import type { Mend } from '@/core/starter/percentages';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { PortionRows } from '../forms/portion-rows';
import { readRows, volumeEcho } from '../forms/portion-form';
import { resolverOf } from '../forms/read-form';
import { useAct } from '../shell/act-context';
import { Contradiction, StarterPreview } from './starter-preview';
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
    defaultValues: {
      kind: firstKind.id,
      name: '',
      jar: '700 ml',
      meant: '',
      portions: starterRows(firstKind.id),
    },
  });
  const typed = useWatch({ control: form.control }) as StarterValues;
  const kind = kindOf(typed.kind);
  const choose = (id: string) => {
    form.setValue('kind', id);
    form.setValue('portions', starterRows(id));
  };
  const mend = ({ what, grams }: Mend) => {
    const row = (typed.portions ?? []).findIndex((each) => each.what === what);
    if (row >= 0) form.setValue(`portions.${row}.amount`, `${grams} g`);
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
      {kind.keeping.begin.sugarShare[1] > 0 ? (
        <Field
          control={control}
          name="meant"
          label="Sweetener meant, %"
          hint={`Of the water’s weight; ${shares(kind)} is usual. Left empty: as the spoons make it`}
        />
      ) : null}
      {portions.length > 1 ? <StarterPreview portions={portions} jar={typed.jar} kind={kind} /> : null}
      <Contradiction portions={portions} meant={typed.meant} onMend={mend} />
      {form.formState.errors.root ? (
        <Note tone="danger" testID="error-root">
          {form.formState.errors.root.message ?? ''}
        </Note>
      ) : null}
      <Note tone="caution">{kind.keeping.caution}</Note>
      <Note tone="plain">
        Keep different ferments a metre or more apart, or they seed each other. Fine cloth keeps flies out, a
        saucer of water ants.
      </Note>
      <InkButton label="Begin" onPress={() => void save()} />
    </Screen>
  );
}

const shares = ({ keeping }: ReturnType<typeof kindOf>): string =>
  keeping.begin.sugarShare.map((share) => Math.round(share * 1000) / 10).join('–') + ' %';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
