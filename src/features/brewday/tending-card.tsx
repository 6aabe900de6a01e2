import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { stirredSince, tendingOf } from '@/core/brew/tending';
import type { Lot } from '@/core/lots/lot';
import { solidGrams } from '@/core/matter/contents';
import { closedJarBar } from '@/core/vessels/vessel-kinds';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { duration, inWords } from '@/words/moment';
import { useForecasts } from '../forecasting/forecasts';
import { useAct } from '../acts/act-context';
import { GrainsHome } from './grains-home';
import { AlcoholNote } from './alcohol-note';
import { InfusionCard } from './infusion-card';
import { StopPoints } from './stop-points';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly now: number;
}

/** A first ferment's days: what to do daily, whose stop is when, what it steeps with after, how strong it gets. */
export function Tending({ lot, now }: Props) {
  const answer = useForecasts().lotAnswer(lot.id);
  return (
    <>
      <Daily lot={lot} now={now} />
      <GrainsHome lot={lot} />
      {answer ? <StopPoints answer={answer} now={now} /> : null}
      <InfusionCard lot={lot} now={now} />
      {answer ? <AlcoholNote lot={lot} answer={answer} now={now} /> : null}
    </>
  );
}

function Daily({ lot, now }: Props) {
  const act = useAct();
  const router = useRouter();
  const { stirs, ventEveryHours, keepUnder, lookForFilm } = tendingOf(lot);
  const today = new Date(now).setHours(0, 0, 0, 0);
  const stirred = stirredSince(lot, today);
  const vented = lot.events.filter(({ kind }) => kind === 'vented').at(-1)?.at ?? lot.begunAt;
  const solids = solidGrams(lot.contents) > 20;
  const ventDue = ventEveryHours !== null && now - vented > ventEveryHours * hourMs;
  const nothing = stirs === 0 && ventEveryHours === null && !keepUnder && !lookForFilm;
  return (
    <Card label={t`Every day`} testID="tending">
      <Text as="subheading" level={2}>{t`Every day`}</Text>
      {nothing ? (
        <Text>{t`Leave it alone: nothing floats in it, and the airlock lets the gas out.`}</Text>
      ) : null}
      {stirs > 0 ? (
        <Text>
          {t`${stirs === 1 ? t`Stir it once a day` : t`Stir it twice a day`}${keepUnder ? t` and push what floats under: what is dry on top grows fuzz` : ''}. Today ${inWords(stirred.times).toLowerCase()} so far${stirred.last === null ? '' : t`, last ${duration((now - stirred.last) / hourMs)} ago`}.`}
        </Text>
      ) : null}
      {ventEveryHours !== null ? (
        <Text>
          {ventDue
            ? t`Lift the lid now: it was last let out ${duration((now - vented) / hourMs)} ago.`
            : t`Lift the lid once ${ventEveryHours === 24 ? t`a day` : t`every half day`}.`}
        </Text>
      ) : null}
      {lot.closure === 'sealed' ? (
        <Note tone="caution" testID="closed-jar">
          {t`Press the lid: it must give. A closed jar’s lid domes and seeps at some tenths of a bar (careful limit ${closedJarBar} bar, practice, unsure). An airlock or a loose lid is safer.`}
        </Note>
      ) : null}
      {lookForFilm ? (
        <Text>{t`Look at the top: thin, wrinkled and white is kahm, skim it and stir more. Fuzz or colour is mould: all of it goes.`}</Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {stirs > 0 ? (
          <InkButton
            label={t`Stirred`}
            hint={t`Stirred ${lot.name}`}
            onPress={() => act({ kind: 'stirred', lots: [lot.id] }, t`${lot.name} is stirred.`)}
          />
        ) : null}
        {ventEveryHours !== null ? (
          <InkButton
            quiet={!ventDue}
            label={t`Let the gas out`}
            onPress={() => act({ kind: 'vented', lots: [lot.id], long: false }, t`${lot.name} is vented.`)}
          />
        ) : null}
        {lookForFilm ? (
          <>
            <InkButton
              quiet
              label={t`Top is clean`}
              onPress={() =>
                act(
                  { kind: 'observed', lotId: lot.id, signs: { film: 'none' } },
                  t`${lot.name}: clean on top.`,
                )
              }
            />
            <InkButton
              quiet
              label={t`Something on it`}
              onPress={() => router.navigate(`/starters/trouble?lot=${lot.id}`)}
            />
          </>
        ) : null}
        {solids && lot.recipe?.method?.strained === 'after' ? (
          <InkButton
            quiet
            label={t`Strain it`}
            hint={t`Strain ${lot.name}: the solids come out`}
            onPress={() =>
              act(
                {
                  kind: 'transferred',
                  from: lot.id,
                  taken: 'solids',
                  strained: strainedBy(lot),
                  targets: [{ gone: 'discarded' }],
                },
                t`${lot.name} is strained.`,
              )
            }
          />
        ) : null}
      </View>
      {solids && lot.recipe?.method?.strained === 'after' ? (
        <Note tone="plain">{t`A second run on the same fruit or peel? Take it before you strain: “Second run”.`}</Note>
      ) : null}
    </Card>
  );
}

const strainedBy = (lot: Lot) => {
  const way = lot.recipe?.method?.strain;
  return way === 'fine' || way === 'cloth' ? way : 'coarse';
};
