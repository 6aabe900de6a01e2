import { cautionKey, cautionOf } from '@/core/settings/caution';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { useAct } from '../acts/act-context';
import { cautionWords } from '@/words/bottles/bottling-words';
import { t } from '@/core/language/t';

/** How careful to be with glass under pressure: where every chill window closes. */
export function CautionCard() {
  const act = useAct();
  const is = cautionOf(useAppSelector(selectHousehold));
  return (
    <Card label={t`How careful`} testID="caution">
      <Text as="subheading" level={2}>{t`How careful`}</Text>
      <Choice
        label={t`How careful`}
        options={[
          { value: 'careful', label: t`Careful` },
          { value: 'usual', label: t`Usual` },
        ]}
        value={is}
        onChange={(value) =>
          act(
            { kind: 'kept', thing: 'caution', key: cautionKey, value: { caution: value } },
            t`Windows close ${value === 'careful' ? t`carefully` : t`as is usual`}.`,
          )
        }
      />
      <Text>{cautionWords[is]}</Text>
    </Card>
  );
}
