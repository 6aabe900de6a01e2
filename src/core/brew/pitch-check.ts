import { refusal, success, type Result } from '../result';

/** Above this a culture is stressed, and above the second it dies, °C. Practice. */
export const pitchLimits = { warm: 30, deadly: 40 } as const;

/**
 * Whether a base is cool enough for anything alive.
 *
 * @param celsius of the base
 * @returns `warn` with a sentence above 30 °C; refusal `pitch.too-hot` above 40 °C
 * @example pitchCheck(24) // { ok: true, value: { warn: undefined } }
 */
export function pitchCheck(celsius: number): Result<{ readonly warn: string | undefined }> {
  if (celsius > pitchLimits.deadly) {
    return refusal(
      'pitch.too-hot',
      `${celsius} °C kills a starter. Wait until it is below 30 °C: an ice bath takes minutes.`,
    );
  }
  const warn =
    celsius > pitchLimits.warm
      ? `${celsius} °C stresses a starter. Below 30 °C is kinder; half an hour more, or a cold-water bath.`
      : undefined;
  return success({ warn });
}
