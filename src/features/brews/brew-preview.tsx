import { knownCultures, lastBatchId } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords, volume } from '@/words/amounts';
import { cautionsOf } from '@/words/caution-words';
import { Claims } from '../starters/claims-later';
import { AccountFigures } from './account-card';
import { planTyped, type BrewValues } from './brew-form';

interface Props {
  readonly typed: BrewValues;
  readonly lots: readonly Lot[];
}

/** What the amounts make, while they are typed: sugar account, dose, what stays in the starter's jar. */
export function BrewPreview({ typed, lots }: Props) {
  const roles = useRoles();
  const planned = planTyped({ ...typed, portions: typed.portions ?? [] }, lots);
  if (!planned.ok) {
    const message = planned.faults.dose ?? planned.faults.root;
    return message ? (
      <Text color={roles.danger} live testID="brew-refusal">
        {message}
      </Text>
    ) : null;
  }
  const { plan, life } = planned.value;
  const { account, draw } = plan;
  const lot = life.kind === 'lot' ? life.lot : null;
  const doseMl = life.kind === 'lot' ? life.ml : 0;
  return (
    <Card label="What this makes" testID="brew-preview">
      <Text as="subheading" level={2}>
        {`${portionsWords(plan.portions.map((portion) => (portion.ml === undefined ? portion : { ...portion, ml: Math.round(portion.ml) })))}${lot ? `; ${volume(Math.round(doseMl))} ${lot.name}` : ''}`}
      </Text>
      <AccountFigures account={account} doseMl={doseMl} starterName={lot?.name ?? 'Starter'} />
      {lot ? <DoseRemark lot={lot} share={account.doseShare} /> : null}
      {lot ? <Claims jar={lot} wants={{ ml: doseMl }} /> : null}
      {lot && draw ? (
        <Text>
          {draw.topUp.length > 0
            ? `${volume(Math.round(draw.leftMl))} stay in ${lot.name}'s jar. Top up with ${portionsWords(draw.topUp)}, then let it rest a day.`
            : `${volume(Math.round(draw.leftMl))} stay in ${lot.name}.`}
        </Text>
      ) : null}
      {cautionsOf({ portions: plan.portions, cultureId: lot?.culture ?? null, closure: null }).map(
        (words) => (
          <Note key={words} tone="caution">
            {words}
          </Note>
        ),
      )}
      <Text
        color={roles.softText}
      >{`A jar of at least ${(plan.jarMl / 1000).toFixed(2)} L holds it, with room to foam.`}</Text>
    </Card>
  );
}

function DoseRemark({ lot, share }: { readonly lot: Lot; readonly share: number }) {
  const culture = knownCultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  if (!culture || culture.unit !== 'ml') return null;
  const { low, high } = culture.dose;
  const usual = `${Math.round(low * 100)}–${Math.round(high * 100)} % is usual.`;
  if (share < low - 0.001) return <Text>{`A small dose: it starts slowly. ${usual}`}</Text>;
  return share > high + 0.001 ? <Text>{`A large dose: quick and yeasty. ${usual}`}</Text> : null;
}
