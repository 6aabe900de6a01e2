import { useState } from 'react';
import { fridgeRoomKey, fridgeRoomMl } from '@/core/settings/fridge-room';
import { parseNumber } from '@/core/measures/parse-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { plural, t } from '@/core/language/t';
import { useAct } from '../acts/act-context';

/** How many bottles the fridge holds: no more is planned to stand cold at once. */
export function FridgeRoomCard() {
  const act = useAct();
  const room = fridgeRoomMl(useAppSelector(selectHousehold));
  const there = room === null ? '' : String(room / 500);
  const [typed, setTyped] = useState(there);
  const bottles = parseNumber(typed);
  const empty = typed.trim() === '';
  const wrong = !empty && !(Number.isInteger(bottles) && bottles >= 0 && bottles <= 500);
  return (
    <Card label={t`Room in the fridge`} testID="fridge-room">
      <Text as="subheading" level={2}>{t`Room in the fridge`}</Text>
      <TextBox
        label={t`Half-litre bottles that fit`}
        value={typed}
        numeric
        hint={t`Left empty, there is room enough`}
        error={wrong ? t`A whole number of bottles, 500 at most.` : undefined}
        onChange={setTyped}
        onLeave={() => {
          if (wrong || typed.trim() === there) return;
          act(
            { kind: 'kept', thing: 'fridge-room', key: fridgeRoomKey, value: empty ? null : { bottles } },
            empty
              ? t`There is room enough in the fridge.`
              : t`Noted: ${plural(bottles, 'bottle')} fit in the fridge.`,
          );
        }}
      />
    </Card>
  );
}
