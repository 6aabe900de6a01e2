import type { BatchState, BottleState } from '@/core/brew/batch-state';
import type { Course } from '@/core/forecast/courses';
import { vesselKind } from '@/core/gas/vessels';
import { sugarOfGravity } from '@/core/sugar/sucrose-solution';
import type { Lane } from '@/ui/charts/lane-scale';
import type { Roles } from '@/ui/theme/roles';

const hourMs = 3_600_000;

/** Sweetness that a taste of 1–5 stands for, g/L: the middle of its step. */
const tasted = [8, 23, 43, 68, 95];

/** The lanes of a batch: sweet, fizz and pressure once sealed, sour, alcohol. */
export function lanesOf(batch: BatchState, bottle: BottleState | null, course: Course, roles: Roles): Lane[] {
  const start = batch.pitchedAt ?? 0;
  const { series } = course;
  const sweetPoints = batch.readings.flatMap(({ at, kind, value }) => {
    const hour = (at - start) / hourMs;
    if (kind === 'sg') return [{ hour, value: sugarOfGravity(Number(value)) }];
    return kind === 'sweet' ? [{ hour, value: tasted[Number(value) - 1] ?? 0 }] : [];
  });
  const squeezed = { soft: 0.15, gives: 0.6, firm: 1.35, rock: 2.2 };
  const sealed: Lane[] = bottle
    ? [
        {
          name: 'Fizz',
          unit: 'volumes',
          color: roles.bottle,
          series: series.fizz,
          digits: 1,
          target: [batch.wantedVolumes * 0.9, batch.wantedVolumes * 1.1],
        },
        {
          name: 'Pressure',
          unit: 'bar',
          color: roles.bottle,
          series: series.gauge,
          digits: 1,
          limit: { value: vesselKind(bottle.vessel).limitBar, label: 'working limit' },
          points: bottle.squeezes.map(({ at, feel }) => ({
            hour: (at - start) / hourMs,
            value: squeezed[feel],
          })),
        },
      ]
    : [];
  return [
    { name: 'Sweet', unit: 'g/L', color: roles.brew, series: series.sweet, digits: 0, points: sweetPoints },
    ...sealed,
    { name: 'Sour', unit: 'pH, lower is sourer', color: roles.good, series: series.ph, digits: 1 },
    { name: 'Alcohol', unit: '%', color: roles.starter, series: series.alcohol, digits: 1 },
  ];
}
