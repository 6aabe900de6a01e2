import { View } from 'react-native';
import { cameFrom, wentTo, type Edge } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { lotOf } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { millilitres, number } from '@/words/amounts';
import { moment } from '@/words/moment';
import { nameOfLot } from '@/words/names';
import { hrefOf } from '@/ui/layout/lot-href';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly now: number;
}

/** The latest of a long line. */
const shownAtMost = 12;

/** Where a lot came from, and what came of it. */
export function Lineage({ lot, now }: Props) {
  const from = cameFrom(lot);
  const to = wentTo(lot);
  if (from.length + to.length === 0) return null;
  return (
    <Card label={t`Where from and where to`} testID="lineage">
      {from.length > 0 ? <Line title={t`Came from`} edges={from} now={now} /> : null}
      {to.length > 0 ? <Line title={t`Came of it`} edges={to} now={now} /> : null}
    </Card>
  );
}

function Line({
  title,
  edges,
  now,
}: {
  readonly title: string;
  readonly edges: readonly Edge[];
  readonly now: number;
}) {
  const rows = [...edges].reverse().slice(0, shownAtMost);
  return (
    <View style={{ gap: 2 }}>
      <Text as="subheading" level={2}>
        {title}
      </Text>
      {rows.map((edge, index) => (
        <EdgeRow key={`${edge.entryId}-${index}`} edge={edge} now={now} />
      ))}
      {edges.length > shownAtMost ? (
        <Text>{t`and ${edges.length - shownAtMost} earlier, in the ledger`}</Text>
      ) : null}
    </View>
  );
}

function EdgeRow({ edge, now }: { readonly edge: Edge; readonly now: number }) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const there = edge.lotId ? lotOf(household, edge.lotId) : undefined;
  const name = nameOfLot(edge.lotId, household);
  const solids = edge.solidGrams > 0.5 ? t`${number(Math.round(edge.solidGrams))} g of solids` : '';
  const amount = [edge.ml > 0.5 ? millilitres(edge.ml) : '', solids].filter(Boolean).join(' and ');
  const words = `${name}: ${amount}, ${moment(edge.at, now)}`;
  if (!there) return <Text color={roles.softText}>{words}</Text>;
  return (
    <PressLink aria-label={words} href={hrefOf(there)}>
      <Text>
        <Text as="strong">{name}</Text>
        {`: ${amount}, ${moment(edge.at, now)}`}
      </Text>
    </PressLink>
  );
}
