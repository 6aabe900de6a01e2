import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';
import { diagnose, type Diagnosis, type Seen } from '@/core/trouble/diagnose';
import { factsOf, type Patient } from '@/core/trouble/jar-facts';
import { signsOf, troubleSigns, type TroubleSign } from '@/core/trouble/trouble-signs';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { causeWords, troubleSignWords } from '@/words/trouble/trouble-words';
import { useAct } from '../acts/act-context';
import { Nowhere } from '@/ui/layout/nowhere';
import { DrinkExamination } from './drink-examination';
import { SignTile } from './sign-tile';
import { Suspects } from './suspects';
import { t } from '@/core/language/t';

/** What is wrong with a jar: signs picked by eye and nose, causes weighed with its own ledger. */
export function TroubleScreen() {
  const { lot: id } = useLocalSearchParams<{ lot?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = id ? lotOf(household, id) : undefined;
  const culture = lot ? keptCulture(lot) : null;
  if (lot && lot.role !== 'starter') return <DrinkExamination lot={lot} />;
  if (!lot || !culture) return <Nowhere what="starter" back="/starters" />;
  return <Examination lot={lot} culture={culture} />;
}

function Examination({ lot, culture }: { readonly lot: Lot; readonly culture: Patient['culture'] }) {
  const { warmths } = useAppSelector(selectHousehold);
  const now = useNow();
  const [seen, setSeen] = useState<Seen>({});
  const facts = useMemo(() => factsOf(lot, culture.keeping, warmths, now), [lot, culture, warmths, now]);
  const patient = { culture, facts };
  const picked = Object.values(seen).some((is) => is);
  const diagnosis = diagnose(patient, seen);
  const toggle = (sign: TroubleSign) =>
    setSeen(({ [sign]: was, ...rest }) => (was === true ? rest : { ...rest, [sign]: true }));
  return (
    <Screen title={t`What is wrong with ${lot.name}?`} over={t`Starters / ${culture.name}`} width={760}>
      <Text>{t`Pick what you see and smell. Its feeds, temperatures and age are weighed in.`}</Text>
      <SoFar diagnosis={diagnosis} />
      <View
        role="group"
        aria-label={t`Signs`}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}
      >
        {signsOf(culture.keeping, culture.unit).map((sign) => (
          <SignTile key={sign} sign={sign} on={seen[sign] === true} onPress={() => toggle(sign)} />
        ))}
      </View>
      {diagnosis.discard ? (
        <Note tone="danger" testID="discard">
          {t`Discard all of it, without tasting. ${causeWords.mould.next} Never skim and drink.`}
        </Note>
      ) : (
        <>
          <Suspects suspects={diagnosis.suspects} facts={facts} sure={picked} />
          <Asked diagnosis={diagnosis} onAnswer={(sign, is) => setSeen((all) => ({ ...all, [sign]: is }))} />
        </>
      )}
      {picked ? <Record lot={lot} seen={seen} /> : null}
      <Text>{t`An estimate from what you pick and what is written down. In doubt, throw it out: a new jar costs a handful of sugar.`}</Text>
    </Screen>
  );
}

/** The answer in a line, in sight while the hand picks. */
function SoFar({ diagnosis: { discard, suspects } }: { readonly diagnosis: Diagnosis }) {
  const [first, second] = suspects;
  const part = (suspect: typeof first) =>
    suspect ? `${causeWords[suspect.cause].title} (${Math.round(suspect.share * 100)} %)` : '';
  return (
    <Text as="strong" live testID="so-far">
      {discard ? t`Discard it: mould or worse.` : t`So far: ${part(first)}, then ${part(second)}.`}
    </Text>
  );
}

/** The one sign that would part the likeliest causes. */
function Asked({
  diagnosis,
  onAnswer,
}: {
  readonly diagnosis: Diagnosis;
  readonly onAnswer: (sign: TroubleSign, is: boolean) => void;
}) {
  const roles = useRoles();
  const sign = diagnosis.lookFor;
  if (!sign) return null;
  return (
    <View testID="look-for" style={{ gap: gap.small }}>
      <Text color={roles.softText}>{t`What would tell most:`}</Text>
      <Text as="strong">{troubleSignWords[sign].ask}</Text>
      <View style={{ flexDirection: 'row', gap: gap.small }}>
        <InkButton quiet label={t`Yes`} onPress={() => onAnswer(sign, true)} style={{ flex: 1 }} />
        <InkButton quiet label={t`No`} onPress={() => onAnswer(sign, false)} style={{ flex: 1 }} />
      </View>
    </View>
  );
}

/** Writes the picked signs into the ledger, where the forecast reads them; one of each kind, the worst. */
function Record({ lot, seen }: { readonly lot: Lot; readonly seen: Seen }) {
  const act = useAct();
  const [kept, setKept] = useState<Seen | null>(null);
  const signs = Object.fromEntries(
    Object.entries(seen).flatMap(([sign, is]) => {
      const look = troubleSigns[sign as TroubleSign];
      return is && look ? [[look.kind, look.value]] : [];
    }),
  );
  if (Object.keys(signs).length === 0) return null;
  return (
    <InkButton
      quiet
      disabled={kept === seen}
      label={kept === seen ? t`Written down` : t`Write these signs down`}
      onPress={() => {
        act({ kind: 'observed', lotId: lot.id, signs }, t`${lot.name}: noted.`);
        setKept(seen);
      }}
    />
  );
}
