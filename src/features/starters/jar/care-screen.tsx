import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';
import { careWarnings, schoolsFor } from '@/core/starter/school-warnings';
import { schoolOf, schools, type SchoolId } from '@/core/starter/schools';
import { closures, holdsFizz } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { closureWords } from '@/words/names';
import { careWarningWords, schoolWords } from '@/words/starters/school-words';
import { useAct } from '../../acts/act-context';
import { Nowhere } from '@/ui/layout/nowhere';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** How a jar is cared for where makers disagree: each school with its reason, none with a verdict. */
export function CareScreen() {
  const { lot: id } = useLocalSearchParams<{ lot?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = id ? lotOf(household, id) : undefined;
  if (!lot || !keptCulture(lot)) return <Nowhere what="starter" back="/starters" />;
  return <Care lot={lot} />;
}

function Care({ lot }: { readonly lot: Lot }) {
  const act = useAct();
  const now = useNow();
  const choose = (school: SchoolId, way: string) =>
    act(
      { kind: 'kept', thing: 'school', key: lot.id, value: { ...lot.schools, [school]: way } },
      `${lot.name}: ${schoolWords[school].ways[way]![0].toLowerCase()}.`,
    );
  return (
    <Screen title={t`How ${lot.name} is kept`} over={t`Starters / ${keptCulture(lot)!.name}`} width={760}>
      <Text>{t`Makers disagree. Choose what you keep to: feeds and warnings follow it.`}</Text>
      <View style={{ gap: gap.small }}>
        <Choice
          titled
          label={t`Cover`}
          options={closures.map((value) => ({ value, label: capital(closureWords[value]) }))}
          value={lot.closure}
          onChange={(closure) =>
            closure !== lot.closure &&
            act({ kind: 'closed', lots: [lot.id], closure }, `${lot.name}: ${closureWords[closure]}.`)
          }
        />
        <Text>{coverReason[lot.closure]}</Text>
        {lot.closure === 'sealed' && !holdsFizz(lot.vessel.kind) ? (
          <Note tone="danger">{t`A jar is not made for pressure: sealed and forgotten it can burst.`}</Note>
        ) : null}
      </View>
      {schoolsFor(lot).map((school) => {
        const { title, ways } = schoolWords[school];
        const way = schoolOf(lot, school);
        return (
          <View key={school} style={{ gap: gap.small }}>
            <Text as="strong">{title}</Text>
            <Choice
              label={title}
              options={schools[school].map((value) => ({ value, label: ways[value]![0] }))}
              value={way as string}
              onChange={(value) => choose(school, value)}
            />
            <Text>{ways[way]![1]}</Text>
          </View>
        );
      })}
      <CareNotes lot={lot} now={now} />
    </Screen>
  );
}

/** What matters in the schools a jar is kept by, and in those only. */
export function CareNotes({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  return (
    <>
      {careWarnings(lot, now).map((warning) => (
        <Note key={warning.kind} tone="caution" testID={`care-${warning.kind}`}>
          {careWarningWords(warning)}
        </Note>
      ))}
    </>
  );
}

const coverReason = {
  cloth: t`Air in, gas out: it never builds pressure, and turns vinegary with time.`,
  'loose-lid': t`Gas out, little air in: less vinegar, and less drying.`,
  airlock: t`Gas out, no air in: no vinegar, and what needs air (a pellicle) does not grow.`,
  sealed: t`Nothing out until it is opened: the hiss tells how lively it is. Open it every day.`,
} as const;
