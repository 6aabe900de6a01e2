import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { RunInfo } from '@/core/forecast/answer/run-store';
import type { Lot } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { AdviceHead, AdviceMore } from './advice';
import { Stage } from './stage';
import { supposedOptions, useSupposed, type Supposed } from './supposed';
import { useView } from './use-view';
import { t } from '@/core/language/t';

interface Props {
  /** The lot and, before it, those its liquid came from. */
  readonly path: readonly Lot[];
  readonly answer: LotAnswer;
  readonly run: RunInfo;
  readonly now: number;
  readonly drawing: ReactNode;
  readonly acts: ReactNode;
}

/** Whether a supposition makes sense: only a sealed vessel is burped, and only what was dosed has a dose. */
const applies = (supposed: Supposed, { dosed }: RunInfo, sealed: boolean): boolean =>
  supposed === 'burped' ? sealed : supposed === 'half' || supposed === 'double' ? dosed : true;

/** The heart: lanes over one clock, and a moment to drag; its answer rides above them, in sight while the hand moves. */
export function ForecastView({ path, answer: actual, run: actualRun, now, drawing, acts }: Props) {
  const roles = useRoles();
  const lot = path.at(-1)!;
  const root = path[0]!;
  const [supposed, setSupposed] = useState<Supposed>('as-is');
  const view = useView(actual, now);
  const itself = useMemo(() => ({ run: actualRun, answer: actual }), [actualRun, actual]);
  const { shown, working } = useSupposed(itself, root.id, supposed, view.nowHour);
  const { run, answer } = shown;
  const sealed = answer.limitBar !== null;
  const over = lot.opened !== null || lot.ended !== null;
  const movable = !over && (!sealed || lot.place !== 'fridge');
  const readings = path.reduce(
    (sum, { events }) => sum + events.filter(({ kind }) => kind === 'read').length,
    0,
  );
  return (
    <View style={{ gap: 12 }}>
      <Stage
        path={path}
        answer={answer}
        runId={run.id}
        view={view}
        now={now}
        head={<AdviceHead lot={lot} answer={answer} celsius={run.celsius} now={now} drawing={drawing} />}
        acts={acts}
      >
        <AdviceMore
          lot={lot}
          root={root}
          answer={answer}
          celsius={run.celsius}
          readings={readings}
          now={now}
        />
        {movable ? (
          <>
            <Text as="subheading" level={2}>{t`What if`}</Text>
            <Choice
              label={t`What if`}
              options={supposedOptions.filter(({ value }) => applies(value, run, sealed))}
              value={supposed}
              onChange={setSupposed}
            />
            <Text color={roles.softText} live>
              {working
                ? t`Working it out…`
                : t`The lanes show it ${supposedOptions.find(({ value }) => value === supposed)!.said}.`}
            </Text>
          </>
        ) : null}
        <Text color={roles.softText}>
          {t`An estimate from ${actualRun.kitchens} plausible kitchens: the line is the middle, the bands hold half and nine tenths of them. A squeeze and the eyes come first.`}
        </Text>
      </Stage>
    </View>
  );
}
