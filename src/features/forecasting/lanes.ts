import type { Course } from '@/core/forecast/answer/course';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { sugarOfGravity } from '@/core/sugar/sucrose-solution';
import type { Lane } from '@/ui/charts/lane-scale';
import type { Roles } from '@/ui/theme/roles';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** Sweetness that a taste of 1–5 stands for, g/L: the middle of its step. */
const tasted = [8, 23, 43, 68, 95];
/** Pressure that a squeeze stands for, bar: the middle of its step. */
const squeezed: Readonly<Record<string, number>> = { soft: 0.15, gives: 0.6, firm: 1.35, rock: 2.2 };

interface Point {
  readonly hour: number;
  readonly value: number;
}

/** Readings of a lot and of those its liquid came through, as points on the lanes. */
export function readingPoints(
  path: readonly Lot[],
  start: number,
): { sweet: Point[]; gauge: Point[]; ph: Point[] } {
  const out = { sweet: [] as Point[], gauge: [] as Point[], ph: [] as Point[] };
  for (const [index, lot] of path.entries()) {
    const until = path[index + 1]?.begunAt ?? Infinity;
    for (const event of lot.events) {
      if (event.kind !== 'read' || event.at > until) continue;
      const hour = (event.at - start) / hourMs;
      for (const { kind, value } of event.readings) {
        if (kind === 'sg') out.sweet.push({ hour, value: sugarOfGravity(Number(value)) });
        if (kind === 'sweet') out.sweet.push({ hour, value: tasted[Number(value) - 1] ?? 0 });
        if (kind === 'squeeze') out.gauge.push({ hour, value: squeezed[String(value)] ?? 0 });
        if (kind === 'gaugeBar') out.gauge.push({ hour, value: Number(value) });
        if (kind === 'ph') out.ph.push({ hour, value: Number(value) });
      }
    }
  }
  return out;
}

/** The lanes of a lot: sweet, fizz and pressure once sealed, sour, alcohol. */
export function lanesOf(path: readonly Lot[], answer: LotAnswer, course: Course, roles: Roles): Lane[] {
  const { series } = course;
  const points = readingPoints(path, answer.start);
  const wanted = answer.wantedVolumes;
  const sealed: Lane[] =
    answer.limitBar === null
      ? []
      : [
          {
            name: t`Fizz`,
            unit: 'vol',
            color: roles.bottle,
            series: series.fizz,
            digits: 1,
            target: [wanted * 0.9, wanted * 1.1],
          },
          {
            name: t`Pressure`,
            unit: 'bar',
            color: roles.bottle,
            series: series.gauge,
            digits: 1,
            limit: { value: answer.limitBar, label: t`working limit` },
            points: points.gauge,
          },
        ];
  return [
    { name: t`Sweet`, unit: 'g/L', color: roles.brew, series: series.sweet, digits: 0, points: points.sweet },
    ...sealed,
    {
      name: t`Sour`,
      unit: t`pH, lower is sourer`,
      color: roles.good,
      series: series.ph,
      digits: 1,
      points: points.ph,
    },
    { name: t`Alcohol`, unit: '%', color: roles.starter, series: series.alcohol, digits: 1 },
  ];
}
