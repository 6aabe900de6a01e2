import { t } from '@/core/language/t';
import type { UnitSystem } from '@/core/measures/unit-system';
import {
  languageChosen,
  languages,
  rememberLanguage,
  rememberUnits,
  unitsChosen,
} from '@/languages/languages';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';

const systems: readonly { readonly value: UnitSystem; readonly label: string }[] = [
  { value: 'metric', label: t`Metric` },
  { value: 'us', label: t`US` },
  { value: 'imperial', label: t`Imperial` },
];
const degrees = [
  { value: 'C', label: '°C' },
  { value: 'F', label: '°F' },
] as const;

/** Everything is said anew: what was said at once is made when the app begins. */
const again = (kept: boolean) => kept && window.location.reload();

/** Language and units of this device; a choice loads the page anew. */
export function LanguageCard() {
  const units = unitsChosen();
  return (
    <Card label={t`Language and units`} testID="language">
      <Text as="subheading" level={2}>{t`Language and units`}</Text>
      <Choice
        label={t`Language`}
        titled
        options={languages.map(({ id, name }) => ({ value: id, label: name }))}
        value={languageChosen()}
        onChange={(id) => again(rememberLanguage(id))}
      />
      <Choice
        label={t`Weights and volumes`}
        titled
        options={systems}
        value={units.system}
        onChange={(system) => again(rememberUnits({ ...units, system }))}
      />
      <Choice
        label={t`Temperature`}
        titled
        options={degrees}
        value={units.fahrenheit ? 'F' : 'C'}
        onChange={(which) => again(rememberUnits({ ...units, fahrenheit: which === 'F' }))}
      />
      <Text>{t`Sugar in a drink stays in grams a litre.`}</Text>
    </Card>
  );
}
