import { View } from 'react-native';
import type { BatchState } from '@/core/brew/batch-state';
import { sugarRemark, type SugarAccount } from '@/core/brew/sugar-account';
import { Card } from '@/ui/controls/card';
import { Figure } from '@/ui/controls/figure';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';

interface Props {
  readonly batch: BatchState;
  readonly starterName: string;
}

/** Where the sugar comes from, in g/L of what is in the jar. */
export function AccountCard({ batch, starterName }: Props) {
  return (
    <Card label="Sugar account">
      <Text as="subheading" level={2}>
        Sugar account
      </Text>
      <AccountFigures account={batch.account} doseMl={batch.doseMl} starterName={starterName} />
    </Card>
  );
}

interface FiguresProps {
  readonly account: SugarAccount;
  readonly doseMl: number;
  readonly starterName: string;
}

export function AccountFigures({ account, doseMl, starterName }: FiguresProps) {
  const roles = useRoles();
  const remark = sugarRemark(account.totalGramsPerLitre);
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <Figure value={account.totalGramsPerLitre.toFixed(0)} unit="g/L in the jar" />
        <Figure value={account.gravity.toFixed(3)} unit={`SG, ${account.brix.toFixed(1)} °Brix`} />
        <Figure value={(account.batchMl / 1000).toFixed(2)} unit="L in all" />
      </View>
      <Text color={roles.softText}>
        {`Sugar ${account.addedGramsPerLitre.toFixed(0)} g/L, from ${starterName} about ${account.starterGramsPerLitre.toFixed(1)} g/L. The dose, ${Math.round(doseMl)} ml, is ${(account.doseShare * 100).toFixed(1)} % of the batch. Sugar takes up room: 100 g in a litre of water is 94 g/L.`}
      </Text>
      {remark ? <Text>{remark}</Text> : null}
    </>
  );
}
