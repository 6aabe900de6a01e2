import { each } from '@/core/forecast/read-off/weighted-quantiles';
import { readingShown, unitShown } from '@/core/measures/unit-system';
import type { Lane } from './lane-scale';

/** A lane in the units in use. */
export function ownLane(lane: Lane): Lane {
  const unit = unitShown(lane.unit);
  if (unit === lane.unit) return lane;
  const shown = (value: number) => readingShown(value, lane.unit);
  const { limit, points, target } = lane;
  return {
    ...lane,
    unit,
    digits: unit === 'psi' ? 0 : 1,
    series: lane.series.map((five) => each(five, shown)),
    ...(limit ? { limit: { ...limit, value: shown(limit.value) } } : {}),
    ...(points ? { points: points.map(({ hour, value }) => ({ hour, value: shown(value) })) } : {}),
    ...(target ? { target: [shown(target[0]), shown(target[1])] as const } : {}),
  };
}
