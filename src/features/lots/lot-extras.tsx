import { useLocalSearchParams, useRouter } from 'expo-router';
import type { Lot } from '@/core/lots/lot';
import { InkButton } from '@/ui/controls/ink-button';
import { Ledger } from './ledger';
import { Lineage } from './lineage';
import { t } from '@/core/language/t';

/** What stands at the foot of every lot's page: where it came from, what came of it, and all that happened to it. */
export function LotExtras({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const router = useRouter();
  const { entry } = useLocalSearchParams<{ entry?: string }>();
  return (
    <>
      {lot.role === 'starter' ? null : (
        <InkButton
          quiet
          label={t`What is wrong with it?`}
          onPress={() => router.navigate(`/starters/trouble?lot=${lot.id}`)}
        />
      )}
      <Lineage lot={lot} now={now} />
      <Ledger key={`${lot.id}-${entry ?? ''}`} lotId={lot.id} now={now} shown={entry} />
    </>
  );
}
