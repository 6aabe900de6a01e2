import { View } from 'react-native';
import { keptKinds } from '@/core/cultures/registry';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

const levels = [
  { liveliness: 0.08, word: t`asleep` },
  { liveliness: 0.5, word: t`at work` },
  { liveliness: 0.97, word: t`lively` },
] as const;

/** How jars are drawn: each kind asleep, at work and lively, so that a glance at the shelf is enough. */
export function JarsScreen() {
  return (
    <Screen title={t`How jars are drawn`} over={t`More`} width={760}>
      <Text>{t`What lies in a jar tells its kind; bubbles, foam and what rides up tell how lively it is. The line at the side is its mark.`}</Text>
      {keptKinds.map((kind) => (
        <Card key={kind.id} label={kind.name}>
          <Text as="subheading" level={2}>
            {capital(kind.name)}
          </Text>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: gap.medium }}>
            {levels.map(({ liveliness, word }) => (
              <View key={word} style={{ alignItems: 'center', gap: 4 }}>
                <Jar
                  jarMl={800}
                  levelMl={600}
                  markMl={600}
                  liveliness={liveliness}
                  culture={kind.id}
                  litreHeight={128}
                  label={`${capital(kind.name)}, ${word}`}
                />
                <Text>{word}</Text>
              </View>
            ))}
          </View>
        </Card>
      ))}
    </Screen>
  );
}
