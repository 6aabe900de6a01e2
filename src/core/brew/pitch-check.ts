import { refusal, success, type Result } from '../result';
import { t } from '../language/t';

/** Above the first a culture is stressed, above the second more so, and above the third it dies, °C; grains die above the first. Practice. */
const pitchLimits = { warm: 30, hot: 35, deadly: 40 } as const;

/** How warm a base feels to a hand, and the °C taken for it: the middle of a range a hand can tell. Practice. */
export const felt = {
  'cool-to-touch': { celsius: 25, range: [18, 30] },
  lukewarm: { celsius: 32.5, range: [30, 35] },
  warm: { celsius: 37.5, range: [35, 40] },
  hot: { celsius: 45, range: [40, 100] },
} as const;
export type Felt = keyof typeof felt;
export const feltWords = Object.keys(felt) as readonly Felt[];

/**
 * Whether a base is cool enough for anything alive.
 *
 * @param celsius of the base
 * @param grains whether kefir grains go in: they die sooner than what swims in a liquid
 * @returns `warn` with a sentence above 30 °C; refusal `pitch.too-hot` above 40 °C, for grains above 30 °C
 * @example pitchCheck(24) // { ok: true, value: { warn: undefined } }
 */
export function pitchCheck(celsius: number, grains = false): Result<{ readonly warn: string | undefined }> {
  if (grains && celsius > pitchLimits.warm) return refusal('pitch.too-hot', { celsius, grains: true });
  if (celsius > pitchLimits.deadly) {
    return refusal('pitch.too-hot', { celsius, grains: false });
  }
  if (celsius > pitchLimits.hot)
    return success({
      warn: t`${celsius} °C kills a part of a starter. Wait: below 30 °C is safe, a cold-water bath takes minutes.`,
    });
  const warn =
    celsius > pitchLimits.warm
      ? t`${celsius} °C stresses a starter. Below 30 °C is kinder; half an hour more, or a cold-water bath.`
      : undefined;
  return success({ warn });
}
