import { inSpoons } from '@/core/measures/sensible';
import { gramsPerMillilitre } from '@/core/measures/spooned-mass';
import { gingerBug } from '@/core/starter/ginger-bug';
import type { StarterState } from '@/core/starter/starter-state';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { AccountFigures } from './account-card';
import { planBrew, planFields, type BrewInput } from './brew-form';

interface Props {
  readonly typed: BrewInput;
  readonly starters: readonly StarterState[];
}

/** What the amounts make, while they are typed: sugar account, dose, what stays in the starter's jar. */
export function BrewPreview({ typed, starters }: Props) {
  const roles = useRoles();
  const fields = planFields.safeParse(typed);
  const starter = starters.find(({ id }) => id === typed.starterId);
  if (!fields.success || !starter) return null;
  const planned = planBrew(fields.data, starter);
  if ('message' in planned) {
    return (
      <Text color={roles.danger} live testID="brew-refusal">
        {planned.message}
      </Text>
    );
  }
  const { account, draw, waterMl, sugarGrams, doseMl } = planned.plan;
  const { topUp } = draw;
  const low = account.doseShare < gingerBug.dose.low - 0.001;
  const high = account.doseShare > gingerBug.dose.high + 0.001;
  return (
    <Card label="What this makes" testID="brew-preview">
      <Text as="subheading" level={2}>
        {`${Math.round(waterMl)} ml water, ${sugarGrams} g sugar, ${doseMl} ml ${starter.name}`}
      </Text>
      <AccountFigures account={account} doseMl={doseMl} starterName={starter.name} />
      {low || high ? (
        <Text>
          {low
            ? 'A small dose: it starts slowly. 5–12 % is usual.'
            : 'A large dose: quick and yeasty. 5–12 % is usual.'}
        </Text>
      ) : null}
      <Text>
        {`${Math.round(draw.leftMl)} ml stay in ${starter.name}'s jar. Top up with ${topUp.waterMl} ml water, ${topUp.gingerGrams} g ginger and ${topUp.sugarGrams} g sugar (${inSpoons(topUp.sugarGrams / gramsPerMillilitre.sugar)}), then let it rest a day.`}
      </Text>
    </Card>
  );
}
