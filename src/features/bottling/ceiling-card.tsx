import { ceilingKey, ceilingOf, ceilings } from '@/core/settings/alcohol-ceiling';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { ceilingWords } from '@/words/bottles/bottling-words';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

const none = 0;
const options = [
  { value: none, label: t`No ceiling` },
  ...ceilings.map((percent) => ({ value: percent, label: `${percent} %` })),
];

/** Alcohol that no drink of the household should pass: what every chill window minds. */
export function CeilingCard() {
  const act = useAct();
  const is = ceilingOf(useAppSelector(selectHousehold)) ?? none;
  return (
    <Card label={t`Alcohol at most`} testID="ceiling">
      <Text as="subheading" level={2}>{t`Alcohol at most`}</Text>
      <Choice
        label={t`Alcohol at most`}
        options={options}
        value={is}
        onChange={(percent) =>
          act(
            { kind: 'kept', thing: 'alcohol-ceiling', key: ceilingKey, value: { percent } },
            percent === none ? t`No ceiling for alcohol.` : t`Alcohol at most ${percent} %.`,
          )
        }
      />
      <Text>{ceilingWords(is === none ? null : is)}</Text>
    </Card>
  );
}
