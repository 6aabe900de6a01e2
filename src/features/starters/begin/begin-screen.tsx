import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { firstKind } from '@/core/cultures/registry';
import { everyLot } from '@/core/journal/household';
import type { Mend } from '@/core/starter/percentages';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { cautionsOf } from '@/words/kitchen/caution-words';
import { PortionRows } from '../../forms/portion-rows';
import { readRows, volumeEcho } from '../../forms/portion-form';
import { resolverOf } from '../../forms/read-form';
import { WhenField } from '../../forms/when-field';
import { useAct } from '../../acts/act-context';
import {
  beginRows,
  chosenWay,
  readBegin,
  usualIngredients,
  usualJar,
  type BeginOutput,
  type BeginValues,
} from './begin-form';
import { beginAct, beginSaid } from './begin-act';
import { BeginNotes } from './begin-notes';
import { proposedName } from './proposed-name';
import { BeginPart } from './begin-part';
import { packetBegunAt, type DateOnPacket } from '../packet/packet-begun';
import { PacketDate } from '../packet/packet-date';
import { Contradiction, StarterPreview } from './starter-preview';
import { useFollowingAmounts } from './use-following-amounts';
import { WayChoice } from './way-choice';
import { dayMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** Beginning something living, in any way there is: amounts for the jar at hand, and what the spoons really make. */
export function BeginScreen() {
  const wide = useWide();
  const asked = useLocalSearchParams<{ way?: string }>().way;
  const [way, setWay] = useState(asked ?? firstKind.id);
  const { way: chosen } = chosenWay(way);
  return (
    <Screen title={t`Begin: ${chosen.group.toLowerCase()}`} over={t`Starters`} pane={wide}>
      <WayChoice way={chosen} onWay={setWay} />
      {chosen.before ? <Note tone="plain">{chosen.before}</Note> : null}
      {chosen.makes === 'part' ? <BeginPart way={chosen} /> : <BeginForm key={chosen.makes} way={way} />}
    </Screen>
  );
}

function BeginForm({ way: id }: { readonly way: string }) {
  const act = useAct();
  const router = useRouter();
  const now = useNow();
  const taken = everyLot(useAppSelector(selectHousehold)).map(({ name }) => name);
  const [at, setAt] = useState<number | null>(null);
  const [date, setDate] = useState<DateOnPacket>({ says: 'best-before', at: now + 400 * dayMs });
  const form = useForm<BeginValues, unknown, BeginOutput>({
    resolver: resolverOf((values) => readBegin({ ...values, way: id })),
    defaultValues: {
      way: id,
      name: proposedName(chosenWay(id).way, taken),
      jar: usualJar(chosenWay(id).way),
      meant: '',
      from: '',
      portions: beginRows(id, usualJar(chosenWay(id).way)),
    },
  });
  const typed = { ...(useWatch({ control: form.control }) as BeginValues), way: id };
  useFollowingAmounts(form, typed);
  const { way, culture, keeping } = chosenWay(id);
  const packet = way.makes === 'packet';
  const mend = ({ what, grams }: Mend) => {
    const row = (typed.portions ?? []).findIndex((each) => each.what === what);
    if (row >= 0) form.setValue(`portions.${row}.amount`, `${grams} g`);
  };
  const save = form.handleSubmit((output) => {
    const { said, place } = beginSaid(chosenWay(id), output);
    const entry = act(
      beginAct(chosenWay(id), output, (typed.from ?? '').trim()),
      said,
      packet ? Math.min(now, packetBegunAt(date, culture)) : (at ?? undefined),
    );
    if (entry) router.replace(`/${place}/${entry.id}`);
  });
  const { portions } = readRows(typed.portions ?? []);
  return (
    <>
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        <Field control={form.control} name="name" label={t`Name`} hint={t`What you will call it`} />
        {packet ? null : (
          <Field
            control={form.control}
            name="jar"
            label={t`Jar`}
            hint={t`Full to the brim; amounts follow it`}
            echo={volumeEcho('ml')}
          />
        )}
      </View>
      <FormProvider {...form}>
        <PortionRows usual={usualIngredients} hints={{ water: t`Chlorine gone: boiled or stood` }} />
      </FormProvider>
      {packet ? <PacketDate value={date} onChange={setDate} now={now} culture={culture} /> : null}
      {keeping && keeping.begin.sugarShare[1] > 0 ? (
        <Field
          control={form.control}
          name="meant"
          label={t`Sweetener meant, %`}
          hint={t`Of the water’s weight; ${shares(keeping.begin.sugarShare)} is usual. Left empty: as the spoons make it`}
        />
      ) : null}
      {keeping && keeping.feed.sugarShare === 0 ? (
        <Field
          control={form.control}
          name="from"
          label={t`Where it comes from`}
          hint={t`Which yoghurt, whose jar`}
        />
      ) : null}
      {portions.length > (keeping ? 0 : 1) ? (
        <StarterPreview portions={portions} jar={typed.jar} culture={culture.id} keeping={keeping} />
      ) : null}
      {keeping ? <Contradiction portions={portions} meant={typed.meant} onMend={mend} /> : null}
      {form.formState.errors.root ? (
        <Note tone="danger" testID="error-root">
          {form.formState.errors.root.message ?? ''}
        </Note>
      ) : null}
      <BeginNotes
        caution={keeping?.caution}
        words={cautionsOf({ portions, cultureId: culture.id, closure: keeping?.closure ?? null })}
        stands={!packet}
      />
      {packet ? null : <WhenField value={at} onChange={setAt} />}
      <InkButton label={t`Begin`} onPress={() => void save()} />
    </>
  );
}

const shares = (range: readonly number[]): string =>
  range.map((share) => Math.round(share * 1000) / 10).join('–') + ' %';
