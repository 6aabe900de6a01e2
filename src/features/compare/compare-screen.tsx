import { useLocalSearchParams, useRouter } from 'expo-router';
import { rootOf } from '@/core/forecast/question/family-members';
import { everyLot, lotOf } from '@/core/journal/household';
import { wentTo } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { comparedOf, differenceIn } from '@/core/tasting/compare';
import { tastingsOf } from '@/core/tasting/tastings';
import { selectHousehold, selectJournal } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { differenceWords } from '@/words/bottles/compare-words';
import { entriesAbout } from './notes-of';
import { asFilled } from '../rack/rack-order';
import { useBefore } from '../forecasting/use-before';
import { Nowhere } from '@/ui/layout/nowhere';
import { CompareColumns } from './compare-columns';
import { NextCard } from './next-card';
import { seenOf } from './seen-of';
import { t } from '@/core/language/t';

const most = 4;
/** Smaller differences are no difference, steps. */
const worthSaying = 0.25;

/** Bottles laid beside each other: those asked for, or the siblings of one. */
export function CompareScreen() {
  const { bottles, with: one } = useLocalSearchParams<{ bottles?: string; with?: string }>();
  const household = useAppSelector(selectHousehold);
  const find = (id: string) => lotOf(household, id);
  const asked = (bottles ?? one ?? '')
    .split(',')
    .map(find)
    .filter((lot): lot is Lot => lot?.role === 'bottle');
  const first = asked[0];
  if (!first) return <Nowhere what="bottle" back="/rack" />;
  const root = rootOf(first, find);
  const batch = wentTo(root)
    .flatMap(({ lotId }) => (lotId ? [find(lotId)] : []))
    .filter((lot): lot is Lot => lot?.role === 'bottle');
  const others = batch.filter((lot) => !asked.includes(lot));
  const offered = [...asked, ...others];
  const laid = (asked.length > 1 ? asked : [first, ...others]).slice(0, most).sort(asFilled);
  return <Beside root={root} offered={offered} laid={laid} />;
}

interface Props {
  readonly root: Lot;
  readonly offered: readonly Lot[];
  readonly laid: readonly Lot[];
}

function Beside({ root, offered, laid }: Props) {
  const router = useRouter();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const journal = useAppSelector(selectJournal);
  const { answerOf } = useBefore(laid);
  const bottles = laid.map((lot) => ({
    compared: comparedOf(lot, answerOf(lot.id), now),
    kind: lot.vessel.kind,
  }));
  const sips = everyLot(household).flatMap(tastingsOf);
  const toggle = (id: string) => {
    const ids = laid.map((lot) => lot.id);
    const next = ids.includes(id) ? ids.filter((each) => each !== id) : [...ids, id];
    if (next.length >= 2 && next.length <= most)
      router.setParams({ bottles: next.join(','), with: undefined });
  };
  return (
    <Screen title={t`${root.name}, side by side`} over={t`Rack`} width={860}>
      {offered.length > 2 ? (
        <ChipRow
          label={t`Which bottles`}
          pick="any"
          options={offered.map((lot) => ({
            value: lot.id,
            label: `${lot.name}${lot.variant ? `, ${lot.variant}` : ''}`,
          }))}
          isOn={(id) => laid.some((lot) => lot.id === id)}
          onPress={toggle}
        />
      ) : null}
      {laid.length < 2 ? (
        <Text>{t`No sibling to lay it beside.`}</Text>
      ) : (
        <>
          <CompareColumns lots={laid} bottles={bottles} />
          <Differences laid={laid} />
        </>
      )}
      <NextCard
        brew={root}
        seen={seenOf(bottles, household, sips, now)}
        notes={laid.flatMap(({ id }) => entriesAbout(journal, id))}
      />
    </Screen>
  );
}

/** Each pair's telling differences, with how much to believe them. */
function Differences({ laid }: { readonly laid: readonly Lot[] }) {
  const lines = laid.flatMap((first, i) =>
    laid.slice(i + 1).flatMap((second) =>
      (['liking', 'sweet', 'fizz', 'sour', 'aroma'] as const).flatMap((kind) => {
        const found = differenceIn(kind, tastingsOf(first), tastingsOf(second));
        return found && Math.abs(found.steps) >= worthSaying
          ? [
              {
                key: `${first.id} ${second.id} ${kind}`,
                words: differenceWords(found, t`Bottle ${first.name}`, t`bottle ${second.name}`),
              },
            ]
          : [];
      }),
    ),
  );
  return (
    <Card label={t`What differs`} testID="differences">
      <Text as="subheading" level={2}>{t`What to believe`}</Text>
      {lines.length === 0 ? (
        <Text>
          {laid.every((lot) => tastingsOf(lot).length > 0)
            ? t`No difference worth the name between them, as they were tasted.`
            : t`Taste two of them, and what differs is said here, with how much of it to believe.`}
        </Text>
      ) : (
        lines.map(({ key, words }) => <Text key={key}>{words}</Text>)
      )}
      <Text>{t`The same person scores the same drink some 0.8 steps apart from day to day. A few sips say a little, many say more.`}</Text>
    </Card>
  );
}
