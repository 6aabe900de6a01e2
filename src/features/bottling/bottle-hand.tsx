import { View } from 'react-native';
import { placeIds } from '@/core/kitchen/places';
import { limitOf } from '@/core/settings/wear-of-makes';

import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { markWords, potentialWords } from '@/words/bottles/bottling-words';
import { placeWords } from '@/words/names';
import { DoseTurn } from './dose-turn';
import { PartFill } from './part-fill';
import type { TableBottle, TableState, Worked } from './table-state';
import { marks } from '@/core/lots/records/new-lot';

interface Props {
  readonly row: Worked;
  readonly state: TableState;
  readonly onChange: (change: Partial<TableBottle>) => void;
  readonly onRemove: () => void;
}

const days = [-2, -1, 0, 1, 2].map((value) => ({
  value,
  label:
    value === 0
      ? 'With the rest'
      : `${Math.abs(value)} ${Math.abs(value) === 1 ? 'day' : 'days'} ${value < 0 ? 'earlier' : 'later'}`,
}));

/** One bottle in hand: what is other about it, and what all of it could do. */
export function BottleHand({ row, state, onChange, onRemove }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const { bottle, portions, fillMl, charged } = row;
  const limit = limitOf(
    { kind: bottle.kind, ml: bottle.ml, ...(bottle.stock === null ? {} : { stock: bottle.stock }) },
    household,
  );
  return (
    <Card label={`Bottle ${bottle.name}`} testID="bottle-hand">
      <Text as="subheading" level={2}>
        {`Bottle ${bottle.name}`}
      </Text>
      <Text>
        {`${vesselKind(bottle.kind).name}, ${Math.round(bottle.ml)} ml. ${Math.round(fillMl)} ml from the jar${portions.length > 0 ? `, ${portionsWords(portions)}` : ''}. Fill to ${row.headspaceCm.toFixed(1)} cm under the rim (${Math.round(row.headspaceMl)} ml empty).`}
      </Text>
      <Text as="strong" testID="potential">
        {potentialWords(charged, limit)}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label="Short name"
          value={bottle.name}
          onChange={(name) => onChange({ name: name.slice(0, 12) })}
        />
        <TextBox
          label="What differs"
          value={bottle.variant}
          onChange={(variant) => onChange({ variant: variant.slice(0, 60) })}
          hint="Twice the sugar"
        />
      </View>
      <Choice
        titled
        label="Its dose"
        options={[
          { value: 'all', label: 'As the rest' },
          { value: 'own', label: 'Its own' },
        ]}
        value={bottle.doses === undefined ? 'all' : 'own'}
        onChange={(which) =>
          onChange({ doses: which === 'all' ? undefined : state.primed ? [] : state.doses })
        }
      />
      {bottle.doses === undefined ? null : (
        <DoseTurn
          label="Dose of this bottle"
          doses={bottle.doses}
          liquidMl={bottle.fillMl ?? bottle.ml - row.headspaceMl}
          into="bottle"
          onDoses={(doses) => onChange({ doses })}
        />
      )}
      <PartFill bottle={bottle} headspaceMl={row.headspaceMl} onChange={onChange} />
      <Choice
        titled
        label="Chill it"
        options={days}
        value={bottle.chillDays}
        onChange={(chillDays) => onChange({ chillDays })}
      />
      <Choice
        titled
        label="Where it stands"
        options={placeIds.map((value) => ({ value, label: placeWords[value] }))}
        value={bottle.place}
        onChange={(place) => onChange({ place })}
      />
      <Choice
        titled
        label="Strained or not"
        options={[
          { value: 'yes', label: 'Strained' },
          { value: 'no', label: 'With its pulp' },
        ]}
        value={bottle.pulp ? 'no' : 'yes'}
        onChange={(strained) => onChange({ pulp: strained === 'no' })}
      />
      <Choice
        titled
        label="Mark on its neck"
        options={[
          { value: 'none', label: 'no mark' },
          ...marks.map((value) => ({ value, label: markWords[value] })),
        ]}
        value={bottle.mark ?? 'none'}
        onChange={(mark) => onChange({ mark: mark === 'none' ? null : mark })}
      />
      <Text color={roles.softText}>
        A mark tied on (a rubber band, a knot of string) tells it from its siblings without its label.
      </Text>
      <InkButton quiet label="Leave it empty" hint={`Leave bottle ${bottle.name} empty`} onPress={onRemove} />
    </Card>
  );
}
