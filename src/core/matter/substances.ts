/** What a liquid or a solid is made of, grams of each. A closed list: whatever is not named here is `inert`. */
export const substances = [
  'water',
  'sucrose',
  'glucose',
  'fructose',
  'lactose',
  'maltose',
  'ethanol',
  'citric',
  'malic',
  'lactic',
  'acetic',
  'minerals',
  'inert',
] as const;

export type Substance = (typeof substances)[number];

/** Grams of each substance; never negative. */
export type Amounts = Readonly<Record<Substance, number>>;

/**
 * Room a gram takes in a dilute drink, ml/g at 20 °C. Taken as constant, so that volumes add up exactly: 100 g of sugar in
 * a litre of water gives 1.062 L, within 0.1 % of the density tables up to 25 °Brix.
 *
 * @source water from its density at 20 °C; sugars 0.62 (ICUMSA density near 10 °Brix); ethanol 1.166 (OIML alcohol tables
 *   below 10 %); organic acids 0.64–0.87 (CRC apparent molar volumes); fruit and ginger flesh about 1.0 (practice)
 */
export const millilitresPerGram: Amounts = {
  water: 1 / 0.998203,
  sucrose: 0.62,
  glucose: 0.622,
  fructose: 0.618,
  lactose: 0.62,
  maltose: 0.62,
  ethanol: 1.166,
  citric: 0.64,
  malic: 0.65,
  lactic: 0.77,
  acetic: 0.87,
  minerals: 0.4,
  inert: 1,
};

export const nothing: Amounts = {
  water: 0,
  sucrose: 0,
  glucose: 0,
  fructose: 0,
  lactose: 0,
  maltose: 0,
  ethanol: 0,
  citric: 0,
  malic: 0,
  lactic: 0,
  acetic: 0,
  minerals: 0,
  inert: 0,
};

// Written out, so that every amount has one shape: a journal of years mixes some hundred thousand of them.

/** Sum of two. @example plus(nothing, nothing).water // 0 */
export const plus = (a: Amounts, b: Amounts): Amounts => ({
  water: a.water + b.water,
  sucrose: a.sucrose + b.sucrose,
  glucose: a.glucose + b.glucose,
  fructose: a.fructose + b.fructose,
  lactose: a.lactose + b.lactose,
  maltose: a.maltose + b.maltose,
  ethanol: a.ethanol + b.ethanol,
  citric: a.citric + b.citric,
  malic: a.malic + b.malic,
  lactic: a.lactic + b.lactic,
  acetic: a.acetic + b.acetic,
  minerals: a.minerals + b.minerals,
  inert: a.inert + b.inert,
});

const less = (a: number, b: number): number => (a > b ? a - b : 0);

/** What is left when a part is taken away; rounding never leaves less than nothing. */
export const minus = (a: Amounts, b: Amounts): Amounts => ({
  water: less(a.water, b.water),
  sucrose: less(a.sucrose, b.sucrose),
  glucose: less(a.glucose, b.glucose),
  fructose: less(a.fructose, b.fructose),
  lactose: less(a.lactose, b.lactose),
  maltose: less(a.maltose, b.maltose),
  ethanol: less(a.ethanol, b.ethanol),
  citric: less(a.citric, b.citric),
  malic: less(a.malic, b.malic),
  lactic: less(a.lactic, b.lactic),
  acetic: less(a.acetic, b.acetic),
  minerals: less(a.minerals, b.minerals),
  inert: less(a.inert, b.inert),
});

/** A multiple. @param factor 0 or more */
export const times = (a: Amounts, factor: number): Amounts => ({
  water: a.water * factor,
  sucrose: a.sucrose * factor,
  glucose: a.glucose * factor,
  fructose: a.fructose * factor,
  lactose: a.lactose * factor,
  maltose: a.maltose * factor,
  ethanol: a.ethanol * factor,
  citric: a.citric * factor,
  malic: a.malic * factor,
  lactic: a.lactic * factor,
  acetic: a.acetic * factor,
  minerals: a.minerals * factor,
  inert: a.inert * factor,
});

/** Adds a multiple of `b` to `a` in place: for heaps that nobody else holds yet. */
export function heapOn(a: Record<Substance, number>, b: Amounts, factor: number): void {
  a.water += b.water * factor;
  a.sucrose += b.sucrose * factor;
  a.glucose += b.glucose * factor;
  a.fructose += b.fructose * factor;
  a.lactose += b.lactose * factor;
  a.maltose += b.maltose * factor;
  a.ethanol += b.ethanol * factor;
  a.citric += b.citric * factor;
  a.malic += b.malic * factor;
  a.lactic += b.lactic * factor;
  a.acetic += b.acetic * factor;
  a.minerals += b.minerals * factor;
  a.inert += b.inert * factor;
}

/** Grams in all. @example gramsIn({ ...nothing, water: 2, sucrose: 1 }) // 3 */
export const gramsIn = (a: Amounts): number =>
  a.water +
  a.sucrose +
  a.glucose +
  a.fructose +
  a.lactose +
  a.maltose +
  a.ethanol +
  a.citric +
  a.malic +
  a.lactic +
  a.acetic +
  a.minerals +
  a.inert;

/**
 * Volume, by adding up what each substance takes.
 *
 * @returns ml at 20 °C; exact under mixing and splitting, within 0.2 % of density tables for drinks
 * @example Math.round(volumeOf({ ...nothing, water: 998.2, sucrose: 100 })) // 1062
 */
export const volumeOf = (a: Amounts): number =>
  a.water * millilitresPerGram.water +
  a.sucrose * millilitresPerGram.sucrose +
  a.glucose * millilitresPerGram.glucose +
  a.fructose * millilitresPerGram.fructose +
  a.lactose * millilitresPerGram.lactose +
  a.maltose * millilitresPerGram.maltose +
  a.ethanol * millilitresPerGram.ethanol +
  a.citric * millilitresPerGram.citric +
  a.malic * millilitresPerGram.malic +
  a.lactic * millilitresPerGram.lactic +
  a.acetic * millilitresPerGram.acetic +
  a.minerals * millilitresPerGram.minerals +
  a.inert * millilitresPerGram.inert;

/** Sugar that yeast or bacteria of a drink can use, g: lactose is left out, most drinks' cultures leave it. */
export const fermentableGrams = (a: Amounts): number => a.sucrose + a.glucose + a.fructose + a.maltose;

/** All sugar, g. */
export const sugarGrams = (a: Amounts): number => fermentableGrams(a) + a.lactose;
