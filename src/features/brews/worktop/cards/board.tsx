import { refusalWords } from '@/words/refusals';
import { View } from 'react-native';
import type { WorktopState } from '../state/worktop-state';
import type { Planned } from '../state/worktop-plan';
import type { Result } from '@/core/result';
import { Text } from '@/ui/controls/text';
import { WorktopJar, type JarLayer } from '@/ui/drawings/worktop-jar';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import type { Roles } from '@/ui/theme/roles';
import { litres } from '@/words/amounts';
import { accountWords } from '@/words/brews/worktop-words';
import { useWide } from '@/ui/layout/use-wide';
import { ComposeRibbon } from './compose-ribbon';
import { jarLayers } from '../state/jar-layers';
import { webStyle } from '@/ui/theme/web-style';

interface Props {
  readonly state: WorktopState;
  readonly worked: Result<Planned>;
  /** What can be worked out in any case. */
  readonly shown: Planned | null;
}

/** The ribbon with three lines under it: kept free until the answer comes, so that no row moves under a finger. */
const comingHeight = 122;

/** The jar drawn to scale and the account beside it, in sight while a hand turns amounts below. */
export function Board({ state, worked, shown }: Props) {
  const roles = useRoles();
  const wide = useWide();
  const plan = shown?.plan ?? null;
  const jarMl = state.jarMl ?? plan?.brew.jarMl ?? state.composition.ml * 1.1;
  const stuck = webStyle({ position: 'sticky', top: 0, zIndex: 3 });
  return (
    <View
      testID="board"
      role="group"
      aria-label="What this makes"
      style={[
        corners.card,
        {
          backgroundColor: roles.card,
          borderColor: roles.hairline,
          borderWidth: 1,
          padding: gap.medium,
          gap: 4,
        },
        stuck,
      ]}
    >
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <WorktopJar
          jarMl={jarMl}
          layers={layersOf(state, plan?.brew.waterMl ?? 0, roles)}
          label={`A ${litres(jarMl)} jar with ${litres(state.composition.ml)} in it`}
          height={wide ? 220 : 116}
        />
        <View style={{ flex: 1, gap: 2, minWidth: 0 }}>
          {plan ? (
            <>
              <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 6 }} testID="board-sugar">
                <Text as="figure" live>
                  {plan.brew.account.totalGramsPerLitre.toFixed(0)}
                </Text>
                <Text color={roles.softText}>g/L of sugar</Text>
              </View>
              <Text as="strong">{`${litres(plan.brew.account.batchMl)} · SG ${plan.brew.account.gravity.toFixed(3)} · ${plan.brew.account.brix.toFixed(1)} °Brix`}</Text>
              <Text>{accountWords(plan.brew.account)}</Text>
            </>
          ) : null}
        </View>
      </View>
      <View style={{ minHeight: comingHeight }}>
        {worked.ok ? (
          <ComposeRibbon state={state} planned={worked.value} />
        ) : (
          <Text color={roles.danger} live testID="brew-refusal">
            {refusalWords(worked)}
          </Text>
        )}
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
