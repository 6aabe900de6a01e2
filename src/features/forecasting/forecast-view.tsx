import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { chilledCourse } from '@/core/forecast/courses';
import type { LotAnswer } from '@/core/forecast/family-answer';
import type { StoredRun } from '@/core/forecast/stored-run';
import type { Lot } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { Advice } from './advice';
import { BottlingCard } from './bottling-card';
import { ForecastTable } from './forecast-table';
import { LaneStack } from './lane-stack';
import { lanesOf } from './lanes';
import { PourCard } from './pour-card';
import { supposedOptions, useSupposed, type Supposed } from './supposed';
import { useHandle } from './use-handle';
import { useView } from './use-view';
import { hourScale } from '@/ui/charts/lane-scale';
import { liquidColour } from '../lots/liquid-colour';

interface Props {
  /** The lot and, before it, those its liquid came from. */
  readonly path: readonly Lot[];
  readonly answer: LotAnswer;
  readonly run: StoredRun;
  readonly now: number;
}

/** Whether a supposition makes sense: only a sealed vessel is burped, and only what was dosed has a dose. */
const applies = (supposed: Supposed, { ferment }: StoredRun, sealed: boolean): boolean =>
  supposed === 'burped'
    ? sealed
    : supposed === 'half' || supposed === 'double'
      ? ferment.amountPerLitre > 0
      : true;

/** The heart: lanes over one clock, and a moment to drag; its answer rides above them, in sight while the hand moves. */
export function ForecastView({ path, answer: actual, run: actualRun, now }: Props) {
  const roles = useRoles();
  const lot = path.at(-1)!;
  const root = path[0]!;
  const [supposed, setSupposed] = useState<Supposed>('as-is');
  const [width, setWidth] = useState(358);
  const view = useView(actual, now);
  const itself = useMemo(() => ({ run: actualRun, answer: actual }), [actualRun, actual]);
  const { shown, reckoning } = useSupposed(itself, root.id, supposed, view.nowHour);
  const { run, answer } = shown;
  const scale = hourScale(view.from, view.to, width);
  const handle = useHandle(answer, view, (hours) => scale(view.from + hours) - scale(view.from));
  const sealed = answer.limitBar !== null;
  const over = lot.opened !== null || lot.ended !== null;
  const warm = sealed && lot.place !== 'fridge' && !over;
  const movable = warm || (!sealed && !over);
  const course = useMemo(
    () =>
      warm
        ? chilledCourse(run, answer.series, handle.hour, view.to)
        : { hours: run.hours, series: answer.series },
    [run, answer, warm, handle.hour, view.to],
  );
  const lanes = useMemo(() => lanesOf(path, answer, course, roles), [path, answer, course, roles]);
  const readings = path.reduce(
    (sum, { events }) => sum + events.filter(({ kind }) => kind === 'read').length,
    0,
  );
  const when = handle.words(answer.start, now);
  return (
    <View style={{ gap: 12 }}>
      <Advice
        lot={lot}
        root={root}
        answer={answer}
        celsius={run.ferment.stages.at(-1)!.celsius}
        readings={readings}
        now={now}
      />
      {warm ? (
        <PourCard
          run={run}
          answer={answer}
          hour={handle.hour}
          when={when}
          now={now}
          colour={liquidColour(lot, (id) => path.find((each) => each.id === id))}
        />
      ) : null}
      {!sealed && !over ? (
        <BottlingCard run={run} wantedVolumes={answer.wantedVolumes} hour={handle.hour} when={when} />
      ) : null}
      <View onLayout={(event) => setWidth(Math.round(event.nativeEvent.layout.width))}>
        <LaneStack
          lanes={lanes}
          course={course}
          view={view}
          width={width}
          sealed={sealed}
          handle={movable ? handle : null}
          label={sealed ? 'Chill here' : 'Bottle here'}
          valueText={when}
        />
      </View>
      {movable ? (
        <>
          <Text as="subheading" level={2}>
            What if
          </Text>
          <Choice
            label="What if"
            options={supposedOptions.filter(({ value }) => applies(value, run, sealed))}
            value={supposed}
            onChange={setSupposed}
          />
          <Text color={roles.softText} live>
            {reckoning
              ? 'Reckoning…'
              : `The lanes show it ${supposedOptions.find(({ value }) => value === supposed)!.said}.`}
          </Text>
        </>
      ) : null}
      <Text color={roles.softText}>
        {`An estimate from ${actualRun.members.length} plausible kitchens: the line is the middle, the bands hold half and nine tenths of them. A squeeze and the eyes come first.`}
      </Text>
      <ForecastTable course={course} start={answer.start} now={now} sealed={sealed} />
    </View>
  );
}
