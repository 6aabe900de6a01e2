import { z } from 'zod';
import { entriesOf, type Holds } from './holds';

/** What the maker pays, by ingredient: for a kilogram, or for a litre of what is poured. */
export const PriceRecord = z.strictObject({ each: z.number().min(0).max(1_000_000) });
type Price = z.infer<typeof PriceRecord>;

export const example: Price = { each: 1.3 };

export type Prices = Readonly<Record<string, number>>;

/** Prices as the household keeps them. */
export const pricesOf = (household: Holds<'price', Price>): Prices =>
  Object.fromEntries(entriesOf(household, 'price').map(([what, { each }]) => [what, each]));
