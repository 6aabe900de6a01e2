import { View } from 'react-native';
import { Text } from '@/ui/controls/text';
import { Bottle } from '@/ui/drawings/bottle';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { Press } from '@/ui/controls/press';
import { fillWords, markWords } from '@/words/bottles/bottling-words';
import type { Worktable } from './table-state';
import { webStyle } from '@/ui/theme/web-style';
import { t } from '@/core/language/t';

interface Props {
  readonly table: Worktable;
  readonly batchMl: number;
  readonly colour: string;
  readonly volumes: number;
  readonly chosen: number | null;
  readonly onChoose: (key: number) => void;
}

/** The bottles as they will stand, to scale, in sight while amounts are turned below; a tap takes one in hand. */
export function FillBoard({ table, batchMl, colour, volumes, chosen, onChoose }: Props) {
  const roles = useRoles();
  const stuck = webStyle({ position: 'sticky', top: 0, zIndex: 3 });
  const over = table.leftMl < -1;
  return (
    <View
      role="group"
      aria-label={t`The bottles`}
      testID="fill-board"
      style={[
        corners.card,
        {
          backgroundColor: roles.card,
          borderColor: over ? roles.danger : roles.hairline,
          borderWidth: over ? 2 : 1,
          padding: gap.small,
          gap: 4,
        },
        stuck,
      ]}
    >
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 2 }}>
        {table.rows.slice(0, 14).map(({ bottle, headspaceMl }) => (
          <Press
            key={bottle.key}
            role="button"
            aria-label={t`Bottle ${bottle.name}, ${Math.round(bottle.ml)} ml${bottle.mark ? `, ${markWords[bottle.mark]}` : ''}: take it in hand`}
            aria-expanded={chosen === bottle.key}
            onPress={() => onChoose(bottle.key)}
            style={{
              minWidth: 48,
              alignItems: 'center',
              borderBottomWidth: 3,
              borderColor: chosen === bottle.key ? roles.brew : 'transparent',
            }}
          >
            <Bottle
              bottleMl={bottle.ml}
              headspaceMl={headspaceMl}
              number={bottle.name.slice(0, 3)}
              volumes={volumes}
              plastic={bottle.kind === 'plastic-soda'}
              colour={colour}
              mark={bottle.mark}
              litreHeight={104}
              label=""
            />
          </Press>
        ))}
        {table.rows.length > 14 ? <Text as="strong">{`+ ${table.rows.length - 14}`}</Text> : null}
      </View>
      <Text as="strong" live testID="fill-line" color={over ? roles.danger : roles.text}>
        {fillWords(table.rows.length, batchMl, table.leftMl)}
      </Text>
    </View>
  );
}
