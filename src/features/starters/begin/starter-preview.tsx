import { View } from 'react-native';
import type { JarCare } from '@/core/cultures/culture';
import { knownCultures } from '@/core/cultures/registry';
import { contentsOf } from '@/core/lots/begin';
import { levelMl } from '@/core/matter/contents';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import { parseNumber } from '@/core/measures/parse-measure';
import { volumeTyped } from '@/core/measures/portion-measure';
import { mendOf, percentagesOf, type Mend } from '@/core/starter/percentages';
import { Card } from '@/ui/controls/card';
import { Figure } from '@/ui/controls/figure';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { kitchenMeasure, portionsWords, portionWords, volume } from '@/words/amounts';
import { amountFigure } from '@/words/figures';
import { t } from '@/core/language/t';

/** What the spoons really make: percent, level, and where that is thin or rich. */
export function StarterPreview({
  portions,
  jar,
  culture,
  keeping,
}: {
  readonly portions: readonly Portion[];
  readonly jar: string;
  readonly culture: string;
  /** The kind's rules; null for what is no kept jar. */
  readonly keeping: JarCare | null;
}) {
  const roles = useRoles();
  const share = percentagesOf(portions, keeping ?? undefined);
  const level = levelMl(contentsOf(portions));
  const typedJar = volumeTyped(jar, 'ml');
  const jarMl = typedJar.ok ? Math.max(100, typedJar.value) : Math.max(700, level);
  const [low, high] = keeping?.begin.sugarShare ?? [0, 0];
  const ripe = knownCultures(culture)?.ripe;
  const has = (sought: string | undefined) => portions.some(({ what }) => what === sought);
  // Whey, or a jar that lives already: there are no shares of water to speak of.
  const dry = keeping !== null && (high === 0 || (has(ripe) && !has('water')));
  return (
    <Card label={t`What this makes`} testID="starter-preview">
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <Jar
          jarMl={jarMl}
          levelMl={level}
          markMl={level}
          liveliness={0.1}
          culture={culture}
          label={t`Fills ${Math.round(level)} ml`}
          litreHeight={120}
        />
        {dry ? (
          <Figure {...amountFigure(level, 'ml')} />
        ) : (
          <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
            {share.body > 0 ? <Figure value={share.body.toFixed(1)} unit={`% ${share.bodyWord}`} /> : null}
            <Figure value={share.sweetener.toFixed(1)} unit={t`% sweetener`} />
          </View>
        )}
      </View>
      {(dry ? [] : share.notes).map((note) => (
        <Text key={note}>{note}</Text>
      ))}
      <Text
        color={roles.softText}
      >{t`${portionsWords(portions)}: ${volume(Math.round(level))} in the jar.${high > 0 ? t` ${Math.round(low * 1000) / 10}–${Math.round(high * 1000) / 10} % sweetener is usual.` : ''}`}</Text>
    </Card>
  );
}

/** Percent or spoons: where they contradict each other, both are said, and one tap mends it. */
export function Contradiction({
  portions,
  meant,
  onMend,
}: {
  readonly portions: readonly Portion[];
  readonly meant: string | undefined;
  readonly onMend: (mend: Mend) => void;
}) {
  const percent = parseNumber((meant ?? '').replace('%', ''));
  const mend = Number.isFinite(percent) ? mendOf(portions, percent) : null;
  if (!mend) return null;
  const name = ingredientOf(mend.what).name.toLowerCase();
  return (
    <Card label={t`Percent and spoons`} testID="contradiction">
      <Note tone="caution">{t`The spoons make ${mend.really.toFixed(1)} %, not the ${percent} % that were meant: ${Math.abs(mend.change)} g (${kitchenMeasure({ what: mend.what, grams: Math.abs(mend.change) })}) ${mend.change > 0 ? t`more` : t`less`} ${name}.`}</Note>
      <InkButton
        quiet
        label={t`Make it ${portionWords({ what: mend.what, grams: mend.grams })}`}
        onPress={() => onMend(mend)}
      />
    </Card>
  );
}
