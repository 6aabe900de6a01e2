import { capital } from '@/core/capital';
import type { ForecastWarning, UnusualReading } from '@/core/forecast/ensemble/warnings';

const tenths = (share: number) =>
  share > 0.985
    ? 'Nearly all'
    : share > 0.9
      ? 'More than nine in ten'
      : `About ${Math.round(10 * share)} in ten`;
const litres = (value: number) => Number(value.toFixed(2));

/** What a forecast says beside its figures. */
export function forecastWarningWords(warning: ForecastWarning): string {
  switch (warning.code) {
    case 'dose.old': {
      const { alive } = warning.params;
      return `The dose has waited long: ${alive > 0.1 ? `about ${Math.round(10 * alive)} in ten` : 'less than one in ten'} of its cells should be alive, and they wake slowly. Take more of it, or a fresh one.`;
    }
    case 'cells.heat':
      return `${tenths(warning.params.dead)} of the cells should have died at ${warning.params.celsius.toFixed(0)} °C. What is left needs days to grow again: pitch anew below 30 °C, or wait and taste.`;
    case 'cells.hunger':
      return `${tenths(warning.params.dead)} of the cells should have starved. Feed it and keep it warm: the rest need days to grow again.`;
    case 'cells.asleep':
      return `After ${warning.params.days} days in the cold the cells sleep. In the warm they wake within a day.`;
    case 'reading.unusual':
      return unusual(warning.params);
    case 'readings.disagree':
      return 'The readings do not fit one ferment: one of them is probably off, so the forecast stays wide.';
    case 'bottles.more-than-jar':
      return `The bottles take ${litres(warning.params.filled)} L and the jar gives ${litres(warning.params.there)} L: check the litres.`;
  }
}

const units: Readonly<Record<string, string>> = { gaugeBar: ' bar', celsius: ' °C', brix: ' °Brix' };
const measures = {
  sg: 'A gravity of',
  brix: 'A refractometer at',
  ph: 'A pH of',
  gaugeBar: 'A gauge at',
  celsius: 'A temperature of',
};

function unusual({ reading, celsius, expected, below }: UnusualReading): string {
  const where = `after ${Math.round(reading.hour)} h, at ${Math.round(celsius)} °C`;
  switch (reading.kind) {
    case 'squeeze':
    case 'hiss':
    case 'lid':
      return below
        ? `${reading.value === 'none' || reading.value === 'soft' ? 'No fizz' : 'So little fizz'} ${where} is unusual. The seal leaks, the starter is tired or overheated, or its place is colder than written.`
        : `So much pressure ${where} is unusual: more sugar, a livelier starter or a warmer spot than written. Treat it as dangerous.`;
    case 'foam':
    case 'bubbles':
    case 'film':
    case 'smell':
    case 'sediment':
    case 'grains':
    case 'colour':
      return `${capital(reading.kind)} “${reading.value}” ${where} is unusual: check the temperature and what went in.`;
    case 'sweet':
    case 'sour':
    case 'fizz':
    case 'strength':
      return `A taste of ${reading.value} in 5 for ${reading.kind} ${where} is unusual: check the sugar that went in.`;
    default: {
      const digits = reading.kind === 'sg' ? 3 : 1;
      return `${measures[reading.kind]} ${reading.value.toFixed(digits)}${units[reading.kind] ?? ''} ${where} is unusual; about ${expected.toFixed(digits)} was expected. Read it again, gas driven off.`;
    }
  }
}
