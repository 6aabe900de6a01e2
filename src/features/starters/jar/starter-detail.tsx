import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { celsiusAt } from '@/core/kitchen/places';
import { keptCulture } from '@/core/starter/feed-plan';
import { neglectOf } from '@/core/starter/neglect';
import { percentagesOf } from '@/core/starter/percentages';
import { levelMl } from '@/core/matter/contents';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Figure } from '@/ui/controls/figure';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '@/words/moment';
import { kitchenVolume } from '@/words/amounts';
import { lessonWords } from '@/words/starters/lesson-words';
import { jarWord } from '@/words/starters/jar-word';
import { useForecasts } from '../../forecasting/forecasts';
import { LotActs } from '../../lots/lot-acts';
import { DrawCard } from './draw-card';
import { lastFedAt } from './last-fed';
import { FoamTime } from '../begin/foam-time';
import { isYoung } from '../begin/is-young';
import { GrainsNote } from './grains-note';
import { NeglectNote } from './neglect-note';
import { QuickCare } from './quick-care';
import { StarterJar } from './starter-jar';
import { hourMs } from '@/core/duration';
import { BeginningGuide, CareNotes, FirstDraw, JarChart } from '../lazy';
import { LotExtras } from '../../lots/lazy';
import { t } from '@/core/language/t';
import { amountFigure } from '@/words/figures';

/** One starter: when to draw and how much, its care, where it came from, its ledger. */
export function StarterDetail({ lot }: { readonly lot: Lot }) {
  const roles = useRoles();
  const wide = useWide();
  const router = useRouter();
  const see = (page: string) => router.navigate(`/starters/${page}?lot=${lot.id}`);
  const { warmths } = useAppSelector(selectHousehold);
  const now = useNow();
  const forecasts = useForecasts();
  const answer = forecasts.starterAnswer(lot.id);
  const culture = keptCulture(lot);
  const lessons = culture
    ? lessonWords(forecasts.learnedFor({ culture, fromLotId: lot.id }), celsiusAt(warmths, 'counter', now))
    : [];
  const young = isYoung(lot, now);
  const celsius = celsiusAt(warmths, lot.place, now);
  const draw = culture ? <DrawCard {...{ lot, culture, answer, celsius, now }} /> : null;
  const cold = lot.place === 'fridge';
  const keptCold = culture?.keeping.ripe.by === 'alive';
  const word = jarWord(lot, answer, undefined, neglectOf(lot, warmths, now));
  const begun = lot.events[0];
  const share = begun?.kind === 'added' ? percentagesOf(begun.portions, culture?.keeping ?? undefined) : null;
  const level = Math.round(levelMl(lot.contents));
  const cups = kitchenVolume(level);
  const figure = amountFigure(level, 'ml');
  return (
    <Screen
      title={lot.name}
      over={t`Starters / ${culture?.name ?? t`starter`}, ${duration((now - lot.begunAt) / hourMs)} old`}
      pane={wide}
      width={760}
    >
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <StarterJar
          lot={lot}
          answer={answer}
          litreHeight={190}
          label={t`A ${Math.round(lot.vessel.ml)} ml jar holding ${level} ml, mark at ${lot.markMl} ml, ${word}`}
        />
        <View style={{ flex: 1, gap: gap.small }}>
          <Figure
            value={figure.value}
            unit={t`${figure.unit}${cups ? ` (${cups})` : ''} in a ${Math.round(lot.vessel.ml)} ml jar`}
          />
          {share && share.body + share.sweetener > 0 ? (
            <Text>{t`Begun at ${share.body > 0 ? t`${share.body.toFixed(1)} % ${share.bodyWord} and ` : ''}${share.sweetener.toFixed(1)} % sweetener`}</Text>
          ) : null}
          <Text as="strong" color={roles.starter}>
            {keptCold
              ? t`${word}, made ${duration((now - lot.begunAt) / hourMs)} ago`
              : cold
                ? t`Resting at about ${celsiusAt(warmths, 'fridge', now).toFixed(0)} °C`
                : t`${word}, fed ${duration((now - lastFedAt(lot)) / hourMs)} ago`}
          </Text>
        </View>
      </View>
      {culture ? <NeglectNote lot={lot} keeping={culture.keeping} now={now} /> : null}
      {young ? (
        <>
          <QuickCare lot={lot} />
          <BeginningGuide lot={lot} now={now} />
        </>
      ) : null}
      {draw === null ? null : young ? (
        <FirstDraw lot={lot} now={now}>
          {draw}
        </FirstDraw>
      ) : (
        draw
      )}
      {young ? null : <QuickCare lot={lot} />}
      {keptCold ? null : <FoamTime lot={lot} now={now} />}
      <LotActs lot={lot} />
      {culture && !lot.ended ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton
            quiet
            label={t`Have so much by a day`}
            onPress={() => see('build')}
            style={{ flexGrow: 1 }}
          />
          <InkButton quiet label={t`How it is kept`} onPress={() => see('care')} style={{ flexGrow: 1 }} />
          <InkButton
            quiet
            label={t`What is wrong with it?`}
            onPress={() => see('trouble')}
            style={{ flexGrow: 1 }}
          />
        </View>
      ) : null}
      <Note tone="caution">
        {t`${culture ? `${culture.keeping.caution} ` : ''}Fuzz or colour (green, black, pink, orange): discard all of it and clean the jar. A thin white film without fuzz is yeast: skim and stir.`}
      </Note>
      <CareNotes lot={lot} now={now} />
      <GrainsNote lot={lot} />
      {lessons.length > 0 ? (
        <Text color={roles.softText} testID="learned">
          {lessons.join(' ')}
        </Text>
      ) : null}
      <JarChart lot={lot} answer={answer} now={now} />
      <LotExtras lot={lot} now={now} />
    </Screen>
  );
}
