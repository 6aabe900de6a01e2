import {
  left,
  step,
  type CultureOfTruth,
  type Kitchen,
  type TruthState,
  type Truth,
} from '../calibration/truths.ts';

/** Truths that were written when the advice stood, to judge it by: nothing was changed after their first run. */

/** A cell divides so many times and no more: growth slows with the divisions that lie behind it, whatever there is to eat. */
function countedDivisions(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = 1 / (1 + Math.exp(-(s.age - lagHours * k.lag) / (0.15 * lagHours)));
  const divisions = Math.log2(Math.max(1, s.cells / k.cells));
  const most = Math.log2(1.4 * growsBy);
  s.cells += step * awake * 0.16 * s.cells * Math.max(0, 1 - divisions / most);
  return (awake * s.cells * left(s)) / (5 + left(s));
}

/** Sugar is put by inside the cells before it is burned: it is gone from the liquid hours before its gas is there. */
function putBy(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.8 * lagHours * k.lag ? 1 : 0.1;
  s.cells += step * awake * 0.09 * s.cells * (1 - s.cells / (growsBy * k.cells));
  return (awake * s.cells * left(s)) / (4 + left(s));
}

export const laterTruths: readonly Truth[] = [
  {
    name: 'counted divisions',
    inSight: false,
    warmth: (celsius) => Math.pow(2.2, (celsius - 21) / 10) * (celsius < 33 ? 1 : 0.5),
    eat: countedDivisions,
  },
  {
    name: 'sugar put by before it is burned',
    inSight: false,
    warmth: (celsius) => Math.max(0, (celsius - 4) / 17),
    eat: putBy,
    gasShare: ({ start, glucose, fructose }) => {
      const eaten = start - glucose - fructose;
      return eaten / (eaten + 4);
    },
  },
];
