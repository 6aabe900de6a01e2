import { View } from 'react-native';
import type { Suspect } from '@/core/trouble/diagnose';
import type { JarFacts } from '@/core/trouble/jar-facts';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { becauseWords, causeWords } from '@/words/trouble/trouble-words';
import { t } from '@/core/language/t';

interface Props {
  readonly suspects: readonly Suspect[];
  readonly facts: JarFacts;
  /** Whether any sign was picked; else the ledger speaks alone. */
  readonly sure: boolean;
}

/** Causes below this are not worth a line. */
const worthSaying = 0.04;

/** The likeliest causes, how much each explains, why, and what to do. */
export function Suspects({ suspects, facts, sure }: Props) {
  const shown = suspects.filter(({ share }, i) => i === 0 || share >= worthSaying).slice(0, 4);
  return (
    <Card label={t`Likely causes`} testID="suspects">
      <Text as="subheading" level={2}>
        {sure ? t`Most likely` : t`From its ledger alone`}
      </Text>
      {shown.map((suspect, i) => (
        <Line key={suspect.cause} suspect={suspect} facts={facts} first={i === 0} />
      ))}
    </Card>
  );
}

function Line({
  suspect: { cause, share, evidence },
  facts,
  first,
}: {
  readonly suspect: Suspect;
  readonly facts: JarFacts;
  readonly first: boolean;
}) {
  const roles = useRoles();
  const { title, next } = causeWords[cause];
  const because = becauseWords(evidence, facts);
  const percent = Math.max(1, Math.round(share * 100));
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: gap.medium }}>
        <Text as="strong" style={{ flex: 1 }}>
          {title}
        </Text>
        <Text as="strong">{`${percent} %`}</Text>
      </View>
      <View aria-hidden style={{ height: 6, backgroundColor: roles.well, borderRadius: 3 }}>
        <View
          style={{
            width: `${percent}%`,
            height: 6,
            borderRadius: 3,
            backgroundColor: first ? roles.starter : roles.softText,
          }}
        />
      </View>
      {because ? <Text color={roles.softText}>{t`Because ${because}.`}</Text> : null}
      {first ? <Text>{next}</Text> : null}
    </View>
  );
}
