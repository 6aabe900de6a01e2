import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Result } from '@/core/result';
import { Text } from '@/ui/controls/text';
import { WorktopJar, type JarLayer } from '@/ui/drawings/worktop-jar';
import { useWide } from '@/ui/layout/use-wide';
import type { Roles } from '@/ui/theme/roles';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { webStyle } from '@/ui/theme/web-style';
import { litres } from '@/words/amounts';
import { refusalWords } from '@/words/refusals';
import { jarLayers } from '../state/jar-layers';
import type { Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { ComposeRibbon } from './compose-ribbon';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly worked: Result<Planned>;
  /** What can be worked out in any case. */
  readonly shown: Planned | null;
  readonly answer: LotAnswer | null;
}

/** The line and the ribbon under it: kept free until the answer comes, so that no row moves under a finger. */
const comingHeight = 96;

/** The jar drawn to scale, how sweet it is and what comes of it, in sight while a hand turns amounts below. */
export function Board({ state, worked, shown, answer }: Props) {
  const roles = useRoles();
  const wide = useWide();
  const plan = shown?.plan ?? null;
  const jarMl = state.jarMl ?? plan?.brew.jarMl ?? state.composition.ml * 1.1;
  const stuck = webStyle({ position: 'sticky', top: 0, zIndex: 3 });
  return (
    <View
      testID="board"
      role="group"
      aria-label={t`What this makes`}
      style={[
        corners.card,
        {
          backgroundColor: roles.card,
          borderColor: roles.hairline,
          borderWidth: 1,
          padding: gap.medium,
          gap: gap.medium,
          flexDirection: 'row',
        },
        stuck,
      ]}
    >
      <WorktopJar
        jarMl={jarMl}
        layers={layersOf(state, plan?.brew.waterMl ?? 0, roles)}
        label={t`A ${litres(jarMl)} jar with ${litres(state.composition.ml)} in it`}
        height={wide ? 190 : 112}
      />
      <View style={{ flex: 1, gap: 2, minWidth: 0 }}>
        {plan ? (
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 6 }} testID="board-sugar">
            <Text as="figure" live>
              {plan.brew.account.totalGramsPerLitre.toFixed(0)}
            </Text>
            <Text color={roles.softText}>{t`g/L of sugar`}</Text>
          </View>
        ) : null}
        <View style={{ minHeight: comingHeight }}>
          {worked.ok ? (
            <ComposeRibbon answer={answer} />
          ) : (
            <Text color={roles.danger} live testID="brew-refusal">
              {refusalWords(worked)}
            </Text>
          )}
        </View>
      </View>
    </View>
  );
}

/** What is in the jar through the first ferment, the dose on top. */
function layersOf(state: WorktopState, waterMl: number, roles: Roles): JarLayer[] {
  const rows = state.composition.rows.filter(({ when }) => when !== 'infusion');
  const dose = state.life === 'bare' || state.life === 'portion' ? 0 : state.composition.dose;
  return [
    ...jarLayers(
      rows.map(({ portion }) => portion),
      waterMl,
    ),
    ...(dose > 0 ? [{ key: 'dose', ml: dose, colour: roles.starterLiquid, pieces: false }] : []),
  ];
}
