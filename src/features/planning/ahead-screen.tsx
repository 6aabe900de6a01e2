import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { AwayPlanner } from './away-planner';
import { SpellPlanner } from './spell-planner';
import { t } from '@/core/language/t';

/** What is coming: an absence, and heat or cold; and what each starter needs for it. */
export function AheadScreen() {
  return (
    <Screen title={t`What is coming`} over={t`Starters`} width={760}>
      <Text>{t`A holiday or a hot week, told ahead: every feed, forecast and task follows it.`}</Text>
      <AwayPlanner />
      <SpellPlanner />
    </Screen>
  );
}
