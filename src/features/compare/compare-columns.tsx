import type { ReactNode } from 'react';
import { View } from 'react-native';
import { tasteKinds, type Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { amountOf } from '@/words/amounts';
import { tasteTitles } from '@/words/bottles/compare-words';
import { duration } from '@/words/moment';
import { openingWords } from '@/words/names';
import { LotBottle } from '../rack/lot-bottle';
import type { Beside } from './beside';
import { bottlingOf } from './bottling-of';
import { t } from '@/core/language/t';

interface Props {
  readonly lots: readonly Lot[];
  readonly bottles: readonly Beside[];
}

const one = (value: number) => value.toFixed(1);

/** Two to four bottles beside each other: how they were made, how they opened and scored, what was thought and what was seen. */
export function CompareColumns({ lots, bottles }: Props) {
  const all = bottles.map(({ compared }) => compared);
  const row = (title: string, cell: (index: number) => string, seen?: boolean) => (
    <Row key={title} title={title} cells={bottles.map((_, i) => cell(i))} differ={!seen} />
  );
  return (
    <View testID="compare" style={{ gap: gap.small }}>
      <Cells>
        {lots.map((lot, i) => (
          <View key={lot.id} style={{ flex: 1, alignItems: 'center', gap: 2 }}>
            <LotBottle lot={lot} volumes={all[i]!.thought?.volumes[2] ?? 0} litreHeight={120} />
            <Text as="strong">{lot.name}</Text>
            <Text as="label" style={{ textAlign: 'center' }}>
              {lot.variant ?? ''}
            </Text>
          </View>
        ))}
      </Cells>
      {row(t`Dose`, (i) =>
        all[i]!.dose.length === 0
          ? t`none`
          : all[i]!.dose.map(
              (portion) => `${amountOf(portion)} ${ingredientOf(portion.what).name.toLowerCase()}`,
            ).join(', '),
      )}
      {row(t`Warm`, (i) => duration(all[i]!.warmHours))}
      {row(
        t`Headspace`,
        (i) => t`${bottlingOf(bottles[i]!).headspaceCm} cm, ${Math.round(all[i]!.headspaceMl)} ml`,
      )}
      {row(t`Strained`, (i) => (all[i]!.pulp ? t`with pulp` : t`strained`))}
      {row(
        t`Opened`,
        (i) => {
          const { opened } = all[i]!;
          return opened ? openingWords[opened.how] : t`not yet`;
        },
        true,
      )}
      {tasteKinds
        .filter((kind) => all.some(({ scores }) => scores[kind]))
        .map((kind) =>
          row(
            tasteTitles[kind],
            (i) => {
              const score = all[i]!.scores[kind];
              return score ? t`${one(score.mean)} of 5${score.n > 1 ? t` (${score.n} sips)` : ''}` : '–';
            },
            true,
          ),
        )}
      {row(t`Thought: sweet`, (i) => thought(all[i]!.thought?.sweetness, 0, 'g/L'), true)}
      {row(t`Thought: fizz`, (i) => thought(all[i]!.thought?.volumes, 1, 'vol'), true)}
      {row(t`Thought: alcohol`, (i) => thought(all[i]!.thought?.abv, 1, '%'), true)}
    </View>
  );
}

const thought = (five: readonly number[] | undefined, digits: number, unit: string): string =>
  five
    ? `${five[2]!.toFixed(digits)} ${unit} (${five[0]!.toFixed(digits)}–${five[4]!.toFixed(digits)})`
    : '…';

const Cells = ({ children }: { readonly children: ReactNode }) => (
  <View style={{ flexDirection: 'row', gap: gap.small }}>{children}</View>
);

/** One attribute across the bottles; what differs between them is said in strong type. */
function Row({
  title,
  cells,
  differ,
}: {
  readonly title: string;
  readonly cells: readonly string[];
  readonly differ: boolean;
}) {
  const roles = useRoles();
  const strong = differ && new Set(cells).size > 1;
  return (
    <View
      role="group"
      aria-label={`${title}${strong ? t`, differs` : ''}`}
      style={{ borderTopWidth: 1, borderColor: roles.hairline, paddingTop: 4 }}
    >
      <Text as="label" color={roles.softText}>
        {`${title}${strong ? t`: this differs` : ''}`}
      </Text>
      <Cells>
        {cells.map((cell, i) => (
          <Text key={i} as={strong ? 'strong' : 'body'} style={{ flex: 1, textAlign: 'center' }}>
            {cell}
          </Text>
        ))}
      </Cells>
    </View>
  );
}
