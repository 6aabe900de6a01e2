import { z } from 'zod';
import { exampleStamp, place, roomCelsius, stamp } from '../base';

/** The temperature of a place was read or corrected. */
export const TemperatureSet = z.strictObject({
  ...stamp,
  kind: z.literal('temperature-set'),
  place,
  celsius: roomCelsius,
  /** Half the difference of day and night. */
  swing: z.number().min(0).max(15).optional(),
  /** Said by feel, without a thermometer. */
  felt: z.literal(true).optional(),
});
export type TemperatureSet = z.infer<typeof TemperatureSet>;

export const example: TemperatureSet = {
  ...exampleStamp,
  kind: 'temperature-set',
  place: 'counter',
  celsius: 22.5,
};
