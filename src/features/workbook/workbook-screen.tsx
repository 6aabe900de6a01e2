import { useState } from 'react';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { ToolCard } from './tool-card';
import { tools } from './tools';
import { t } from '@/core/language/t';

/** Small sums of the kitchen, each with its formula in words; what they come to can go into a brew. */
export function WorkbookScreen() {
  const [id, setId] = useState(tools[0]!.id);
  const tool = tools.find((each) => each.id === id)!;
  return (
    <Screen title={t`Workbook`} over={t`More`} width={760}>
      <Text>{t`Small sums, without writing anything down.`}</Text>
      <Choice
        label={t`Tool`}
        options={tools.map((each) => ({ value: each.id, label: each.title }))}
        value={id}
        onChange={setId}
      />
      <ToolCard key={id} tool={tool} />
    </Screen>
  );
}
