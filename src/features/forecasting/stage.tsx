import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { liquidColour } from '@/ui/theme/liquid-colour';
import { BottlingCard } from './bottling-card';
import { ForecastTable } from './forecast-table';
import { LaneStack } from './lane-stack';
import { lanesOf } from './lanes';
import { PourCard } from './pour-card';
import { useChills, useCourse } from './use-by-hour';
import { useRested } from './drag-controller';
import { useHandle } from './use-handle';
import type { View as Shown } from './use-view';
import { t } from '@/core/language/t';
import { ownLane } from '@/ui/charts/own-lane';

interface Props {
  readonly path: readonly Lot[];
  readonly answer: LotAnswer;
  readonly runId: string;
  readonly view: Shown;
  readonly now: number;
  /** What it is and what to do: over the glass. */
  readonly head: ReactNode;
  /** What can be done with it: under the curves. */
  readonly acts: ReactNode;
  /** What stands between the lanes and their table. */
  readonly children: ReactNode;
}

/**
 * The lanes with their handle, and the answer that rides above them. The handle, the glass and its sentence follow the hand at
 * once; the lanes follow when it rests, so that no frame waits for them.
 */
export function Stage({ path, answer, runId, view, now, head, acts, children }: Props) {
  const roles = useRoles();
  const lot = path.at(-1)!;
  const wide = useWide();
  const [width, setWidth] = useState(358);
  const handle = useHandle(answer, view, now);
  const sealed = answer.limitBar !== null;
  const over = lot.opened !== null || lot.ended !== null;
  const warm = sealed && lot.place !== 'fridge' && !over;
  const table = useChills(runId, warm ? answer.limitBar : null, handle, view.to);
  const later = handle.hourOf(useRested(handle.hand));
  const course = useCourse(answer, warm ? later : null, table);
  const lanes = useMemo(
    () => lanesOf(path, answer, course, roles).map(ownLane),
    [path, answer, course, roles],
  );
  const colour = liquidColour(lot, (id) => path.find((each) => each.id === id));
  const glass = (
    <>
      {warm ? <PourCard answer={answer} handle={handle} table={table} now={now} colour={colour} /> : null}
      {!sealed && !over ? (
        <BottlingCard runId={runId} wantedVolumes={answer.wantedVolumes} handle={handle} colour={colour} />
      ) : null}
    </>
  );
  const curves = (
    <View
      style={wide ? { flex: 1, minWidth: 0 } : undefined}
      onLayout={(event) => setWidth(Math.round(event.nativeEvent.layout.width))}
    >
      <LaneStack
        lanes={lanes}
        course={course}
        view={view}
        width={width}
        sealed={sealed}
        handle={warm || (!sealed && !over) ? handle : null}
        label={sealed ? t`Chill here` : t`Bottle here`}
      />
    </View>
  );
  return (
    <>
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          <View style={{ width: 320, gap: gap.medium }}>
            {head}
            {glass}
            {acts}
          </View>
          {curves}
        </View>
      ) : (
        <>
          {head}
          {/* The answer rides above the curves, and goes with them. */}
          <View style={{ gap: gap.medium }}>
            {glass}
            {curves}
          </View>
          {acts}
        </>
      )}
      {children}
      <ForecastTable course={course} start={answer.start} now={now} sealed={sealed} />
    </>
  );
}
