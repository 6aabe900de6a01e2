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
import { t } from '@/core/language/t';

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
      ? t`With the rest`
      : `${Math.abs(value)} ${Math.abs(value) === 1 ? t`day` : t`days`} ${value < 0 ? t`earlier` : t`later`}`,
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
    <Card label={t`Bottle ${bottle.name}`} testID="bottle-hand">
      <Text as="subheading" level={2}>
        {t`Bottle ${bottle.name}`}
      </Text>
      <Text>
        {t`${vesselKind(bottle.kind).name}, ${Math.round(bottle.ml)} ml. ${Math.round(fillMl)} ml from the jar${portions.length > 0 ? `, ${portionsWords(portions)}` : ''}. Fill to ${row.headspaceCm.toFixed(1)} cm under the rim (${Math.round(row.headspaceMl)} ml empty).`}
      </Text>
      <Text as="strong" testID="potential">
        {potentialWords(charged, limit)}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label={t`Short name`}
          value={bottle.name}
          onChange={(name) => onChange({ name: name.slice(0, 12) })}
        />
        <TextBox
          label={t`What differs`}
          value={bottle.variant}
          onChange={(variant) => onChange({ variant: variant.slice(0, 60) })}
          hint={t`Twice the sugar`}
        />
      </View>
      <Choice
        titled
        label={t`Its dose`}
        options={[
          { value: 'all', label: t`As the rest` },
          { value: 'own', label: t`Its own` },
        ]}
        value={bottle.doses === undefined ? 'all' : 'own'}
        onChange={(which) =>
          onChange({ doses: which === 'all' ? undefined : state.primed ? [] : state.doses })
        }
      />
      {bottle.doses === undefined ? null : (
        <DoseTurn
          label={t`Dose of this bottle`}
          doses={bottle.doses}
          liquidMl={bottle.fillMl ?? bottle.ml - row.headspaceMl}
          into="bottle"
          onDoses={(doses) => onChange({ doses })}
        />
      )}
      <PartFill bottle={bottle} headspaceMl={row.headspaceMl} onChange={onChange} />
      <Choice
        titled
        label={t`Chill it`}
        options={days}
        value={bottle.chillDays}
        onChange={(chillDays) => onChange({ chillDays })}
      />
      <Choice
        titled
        label={t`Where it stands`}
        options={placeIds.map((value) => ({ value, label: placeWords[value] }))}
        value={bottle.place}
        onChange={(place) => onChange({ place })}
      />
      <Choice
        titled
        label={t`Strained or not`}
        options={[
          { value: 'yes', label: t`Strained` },
          { value: 'no', label: t`With its pulp` },
        ]}
        value={bottle.pulp ? 'no' : 'yes'}
        onChange={(strained) => onChange({ pulp: strained === 'no' })}
      />
      <Choice
        titled
        label={t`Mark on its neck`}
        options={[
          { value: 'none', label: t`no mark` },
          ...marks.map((value) => ({ value, label: markWords[value] })),
        ]}
        value={bottle.mark ?? 'none'}
        onChange={(mark) => onChange({ mark: mark === 'none' ? null : mark })}
      />
      <Text
        color={roles.softText}
      >{t`A mark tied on (a rubber band, a knot of string) tells it from its siblings without its label.`}</Text>
      <InkButton
        quiet
        label={t`Leave it empty`}
        hint={t`Leave bottle ${bottle.name} empty`}
        onPress={onRemove}
      />
    </Card>
  );
}
