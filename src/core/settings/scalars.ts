import { z } from 'zod';
import { earliest, latest } from '../time-range';
import { t } from '../language/t';

/** A time that is spoken of, ms since 1970. */
export const instant = z
  .number()
  .min(earliest, t`A time between the years 2000 and 2100.`)
  .max(latest, t`A time between the years 2000 and 2100.`);

/** Air of a place that people live with, °C. */
export const roomCelsius = z
  .number()
  .min(-5, t`A temperature between −5 and 45 °C.`)
  .max(45, t`A temperature between −5 and 45 °C.`);
