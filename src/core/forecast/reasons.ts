import type { Scenario } from '../ferment/scenario';
import type { ChillWindow } from './windows';

const oneDecimal = (value: number) => value.toFixed(1);

/** What drives a chill window, in one clause a maker can check. */
export function chillReason(
  window: ChillWindow,
  wantedVolumes: number,
  limitBar: number,
  vesselName: string,
  celsius: number,
): string {
  // prettier-ignore
  const warm = `at ${oneDecimal(celsius)} °C`;
  switch (window.closes) {
    case 'limit':
      return window.reached
        ? `${warm} one batch in twenty passes ${oneDecimal(limitBar)} bar, what ${vesselName.toLowerCase()} is good for, from then on.`
        : `${warm} this glass reaches ${oneDecimal(limitBar)} bar before ${oneDecimal(wantedVolumes)} volumes: cold holds more fizz at less pressure.`;
    case 'fizz':
      return `${warm} it passes ${oneDecimal(wantedVolumes * 1.25)} volumes then, a quarter more than you want.`;
    case 'beyond-forecast':
      return `${warm} it stays under the limit as far as the forecast looks.`;
  }
}

/** The starter's vigour and the base in words, for "why". */
export function drivers(scenario: Scenario, readings: number): string {
  const total = scenario.sugars.sucrose + scenario.sugars.glucose + scenario.sugars.fructose;
  const seen =
    readings === 0
      ? 'no reading yet, so the range is wide'
      : readings === 1
        ? '1 reading'
        : `${readings} readings`;
  return `Driven by ${oneDecimal(scenario.stages[scenario.stages.length - 1]!.celsius)} °C, ${Math.round(total)} g/L of sugar and the starter; ${seen}.`;
}
