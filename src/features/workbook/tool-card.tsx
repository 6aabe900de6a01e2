import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { ask, isFault, type Tool } from './tool';
import { t } from '@/core/language/t';

/** One tool: its boxes, its answer as they are typed, and how it is worked out. */
export function ToolCard({ tool }: { readonly tool: Tool }) {
  const roles = useRoles();
  const router = useRouter();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(tool.fields.map(({ key, start }) => [key, start])),
  );
  const [choice, setChoice] = useState(tool.choice?.options[0]?.value ?? '');
  const answer = ask(tool, typed, choice, namesWith(ownIngredientsOf(useAppSelector(selectHousehold))));
  const fault = isFault(answer) ? answer : null;
  const send = isFault(answer) ? undefined : answer.send;
  return (
    <Card label={tool.title} testID={`tool-${tool.id}`}>
      <Text as="subheading" level={2}>
        {tool.title}
      </Text>
      {tool.choice ? (
        <Choice label={tool.choice.label} options={tool.choice.options} value={choice} onChange={setChoice} />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {tool.fields.map(({ key, label, hint }) => (
          <View key={key} style={{ flexGrow: 1, flexBasis: 140 }}>
            <TextBox
              label={label.trim()}
              value={typed[key] ?? ''}
              onChange={(text) => setTyped({ ...typed, [key]: text })}
              hint={hint}
              error={fault?.key === key ? fault.message : undefined}
            />
          </View>
        ))}
      </View>
      {isFault(answer) ? null : (
        <View style={{ gap: 4 }} testID="tool-answer">
          {answer.lines.map((line, i) => (
            <Text key={line} as={i === 0 ? 'heading' : 'body'} live={i === 0}>
              {line}
            </Text>
          ))}
        </View>
      )}
      <Text color={roles.softText}>{t`How: ${tool.how}`}</Text>
      {send ? (
        <InkButton
          quiet
          label={t`Use it in a brew`}
          onPress={() =>
            router.navigate(`/brews/new?add=${encodeURIComponent(`${send.what}~${send.amount}`)}`)
          }
        />
      ) : null}
    </Card>
  );
}
