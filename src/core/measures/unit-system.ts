/**
 * Weights, volumes, lengths, pressures and temperatures in the maker's own units. Yuzet works in metric; a sentence is turned as it
 * is said, so that no place can forget to. What has no kitchen unit stays: g/L, °Brix, pH and volumes of CO2.
 */
export const unitSystems = ['metric', 'us', 'imperial'] as const;
export type UnitSystem = (typeof unitSystems)[number];

/** Regions that measure as the United States do, and those that read °F. Unicode CLDR 45, supplemental measurementData. */
const usRegions = new Set(['US', 'LR']);
const fahrenheitRegions = new Set(['US', 'BS', 'BZ', 'KY', 'PR', 'PW', 'FM', 'MH', 'LR']);

/** The units of a region. @param locale as BCP 47 has it @example unitsOfRegion('en-US') // { system: 'us', fahrenheit: true } */
export function unitsOfRegion(locale: string): Units {
  const region = /-([A-Z]{2})\b/.exec(locale)?.[1] ?? '';
  return { system: usRegions.has(region) ? 'us' : 'metric', fahrenheit: fahrenheitRegions.has(region) };
}

/** Measures whose size hangs on the kitchen's own units. */
export type FluidUnit = 'floz' | 'pt' | 'qt' | 'gal';

export interface Units {
  readonly system: UnitSystem;
  readonly fahrenheit: boolean;
}

/** @example toFahrenheit(22.5) // 72.5 */
export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32;
/** @example toCelsius(77) // 25 */
export const toCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/** Ounces and pounds avoirdupois, inches, psi; fluid measures of each system. NIST Handbook 44 appendix C. */
const ounce = 28.3495;
const fluid = {
  us: { ounce: 29.5735, quart: 946.353, gallon: 3785.41 },
  imperial: { ounce: 28.4131, quart: 1136.52, gallon: 4546.09 },
} as const;
const psiPerBar = 14.5038;

interface Said {
  readonly per: number;
  readonly unit: string;
  readonly digits: number;
}

/** What a metric amount is said in. @param value in `unit` */
function saidIn(value: number, unit: string, system: 'us' | 'imperial'): Said | null {
  const { ounce: fluidOunce, quart, gallon } = fluid[system];
  const volume = (ml: number, per: number): Said =>
    ml >= 2 * gallon
      ? { per: gallon / per, unit: 'gal', digits: 1 }
      : ml >= quart * 0.999
        ? { per: quart / per, unit: 'qt', digits: 2 }
        : { per: fluidOunce / per, unit: 'fl oz', digits: ml < 3 * fluidOunce ? 2 : 1 };
  const weight = (grams: number, per: number): Said =>
    grams >= 16 * ounce
      ? { per: (16 * ounce) / per, unit: 'lb', digits: 2 }
      : { per: ounce / per, unit: 'oz', digits: grams < ounce ? 2 : 1 };
  switch (unit) {
    case 'ml':
      return volume(value, 1);
    case 'L':
      return volume(value * 1000, 1000);
    case 'g':
      return weight(value, 1);
    case 'kg':
      return weight(value * 1000, 1000);
    case 'cm':
      return { per: 2.54, unit: 'in', digits: 1 };
    case 'bar':
      return { per: 1 / psiPerBar, unit: 'psi', digits: 0 };
    default:
      return null;
  }
}

/** A number or a range, and a metric unit that is not a part of a rate ("g/L", "g a litre", "mg"). */
const number = '[-−]?(?:\\d{1,3}(?:[.,]\\d{3})+(?:[.,]\\d+)?|\\d+(?:[.,]\\d+)?)';
const amount = new RegExp(
  `(±|(?<![\\p{L}\\d.,/]))(${number})(?:( ?[–-] ?| to | tot | and | en )(${number}))?([ \u00a0])(°C|ml|kg|bar|cm|g|L)(?![\\p{L}\\d/]| a litre| per )`,
  'gu',
);
const difference = /^ (?:warmer|cooler|colder|koeler|kouder)/;

/** A number as it was shown: thousands in groups, a point or a comma before its decimals. */
function shownNumber(text: string): { readonly value: number; readonly comma: boolean } {
  const plain = text.replace('−', '-');
  if (/^-?[1-9]\d{0,2}([.,]\d{3})+$/.test(plain))
    return { value: Number(plain.replace(/[.,]/g, '')), comma: plain.includes('.') };
  const comma = /,\d+$/.test(plain);
  return {
    value: Number(comma ? plain.replace(/\./g, '').replace(',', '.') : plain.replace(/,/g, '')),
    comma,
  };
}

/**
 * A text with its metric amounts in other units.
 *
 * @param text as it would be said in metric: "Draw 240 ml", "22–27 °C", "about 2.4 bar"
 * @example inUnits('Draw 240 ml at 22.5 °C', { system: 'us', fahrenheit: true }) // 'Draw 8.1 fl oz at 72.5 °F'
 */
export function inUnits(text: string, { system, fahrenheit }: Units): string {
  if (system === 'metric' && !fahrenheit) return text;
  const turned = text.replace(
    amount,
    (
      whole,
      sign: string,
      from: string,
      dash: string | undefined,
      to: string | undefined,
      space: string,
      unit: string,
      at: number,
    ) => {
      const a = shownNumber(from);
      const b = to === undefined ? null : shownNumber(to);
      if (Number.isNaN(a.value) || (b && Number.isNaN(b.value))) return whole;
      if (/and|en/.test(dash ?? '') && !/(between|tussen) $/i.test(text.slice(0, at)))
        return `${sign}${from}${dash}${inUnits(`${to}${space}${unit}`, { system, fahrenheit })}`;
      const write = (value: number, digits: number) => {
        const rounded = String(Number(value.toFixed(digits))).replace('-', '−');
        return a.comma || b?.comma ? rounded.replace('.', ',') : rounded;
      };
      if (unit === '°C') {
        if (!fahrenheit) return whole;
        const apart = sign === '±' || difference.test(text.slice(at + whole.length));
        const digits = /[.,]\d/.test(from) ? 1 : 0;
        const degrees = (value: number) => write(apart ? value * 1.8 : toFahrenheit(value), digits);
        return `${sign}${degrees(a.value)}${b ? `${dash}${degrees(b.value)}` : ''}${space}°F`;
      }
      const said = system === 'metric' ? null : saidIn(b?.value ?? a.value, unit, system);
      if (!said) return whole;
      const shown = (value: number) => write(value / said.per, said.digits);
      return `${sign}${shown(a.value)}${b ? `${dash}${shown(b.value)}` : ''}${space}${said.unit}`;
    },
  );
  return fahrenheit ? turned.replace(/°C/g, '°F') : turned;
}

let inUse: Units = { system: 'metric', fahrenheit: false };

/** Sets the units of all that is read and said from now on. */
export function setUnits(units: Units): void {
  inUse = units;
}

/** A text in the units in use. */
export const inOwnUnits = (text: string): string => inUnits(text, inUse);

/** The fluid ounce, pint, quart and gallon in use, ml: the imperial ones in an imperial kitchen, else those of the United States. */
export function fluidMillilitres(unit: FluidUnit): number {
  const { ounce: fluidOunce, quart, gallon } = fluid[inUse.system === 'imperial' ? 'imperial' : 'us'];
  return { floz: fluidOunce, pt: quart / 2, qt: quart, gal: gallon }[unit];
}

/** The unit a bare number is read in. In the United States 'floz' for 'ml'. @example ownUnit('ml') // 'ml' */
export function ownUnit<U extends 'ml' | 'l' | 'g'>(metric: U): U | 'floz' | 'qt' | 'oz' {
  if (inUse.system === 'metric') return metric;
  return metric === 'ml' ? 'floz' : metric === 'l' ? 'qt' : 'oz';
}

/** How a gauge, a thermometer and a scale are read: what one metric unit is of the unit in use, and its zero. */
function reading(unit: string): { readonly unit: string; readonly times: number; readonly plus: number } {
  if (unit === '°C' && inUse.fahrenheit) return { unit: '°F', times: 1.8, plus: 32 };
  if (inUse.system === 'metric') return { unit, times: 1, plus: 0 };
  if (unit === 'bar') return { unit: 'psi', times: psiPerBar, plus: 0 };
  if (unit === 'g') return { unit: 'oz', times: 1 / ounce, plus: 0 };
  if (unit === 'L') return { unit: 'qt', times: 1000 / fluidMillilitres('qt'), plus: 0 };
  if (unit === 'ml') return { unit: 'fl oz', times: 1 / fluidMillilitres('floz'), plus: 0 };
  return { unit, times: 1, plus: 0 };
}

/** The unit in use for a metric one. In the United States 'psi' for 'bar'. @example unitShown('bar') // 'bar' */
export const unitShown = (metric: string): string => reading(metric).unit;

/** A reading in the unit in use; 77 for 25 °C where °F are read. @param value in the metric unit @example readingShown(25, '°C') // 25 */
export function readingShown(value: number, metric: string): number {
  const { times, plus } = reading(metric);
  return Number((value * times + plus).toFixed(4));
}

/** A reading as it was typed, in the metric unit. @param value in the unit in use; NaN stays NaN */
export function readingTyped(value: number, metric: string): number {
  const { times, plus } = reading(metric);
  return Number(((value - plus) / times).toFixed(4));
}
