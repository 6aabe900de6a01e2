import { cautionKey, cautionOf } from '@/core/settings/caution';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { useAct } from '../acts/act-context';
import { cautionWords } from '@/words/bottles/bottling-words';

/** How careful to be with glass under pressure: where every chill window closes. */
export function CautionCard() {
  const act = useAct();
  const is = cautionOf(useAppSelector(selectHousehold));
  return (
    <Card label="How careful" testID="caution">
      <Text as="subheading" level={2}>
        How careful
      </Text>
      <Choice
        label="How careful"
        options={[
          { value: 'careful', label: 'Careful' },
          { value: 'usual', label: 'Usual' },
        ]}
        value={is}
        onChange={(value) =>
          act(
            { kind: 'kept', thing: 'caution', key: cautionKey, value: { caution: value } },
            `Windows close ${value === 'careful' ? 'carefully' : 'as is usual'}.`,
          )
        }
      />
      <Text>{cautionWords[is]}</Text>
    </Card>
  );
}
