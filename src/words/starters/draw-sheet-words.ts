import { doseVigour } from '@/core/forecast/starter/ripeness';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { JarCare } from '@/core/cultures/culture';
import { survivalAfter } from '@/core/starter/away';
import { inARow } from '../amounts';
import { plural, t } from '@/core/language/t';

/** How long a jar lives at rest: the chance after half, all, one and a half and twice its weeks at 4 °C. */
export function restWords(keeping: JarCare): string {
  const weeks = [0.5, 1, 1.5, 2].map((times) => Math.round(times * keeping.restsWeeks));
  const chances = weeks.map(
    (each) => t`${percent(survivalAfter(each, keeping))} % after ${plural(each, 'week')}`,
  );
  return t`At 4 °C it lives with a chance of about ${inARow(chances)}.`;
}

const percent = (share: number) => Math.round(100 * share);

/** What a brew's forecast takes from the jar, were it drawn now. */
export function doseNowWords({ now }: StarterAnswer): string {
  const [low, , middle, , high] = now.map(doseVigour) as [number, number, number, number, number];
  return t`A dose of it now does about ${percent(middle)} % of what a lively jar’s does (${percent(low)}–${percent(high)} %).`;
}

/** How lively a jar is, or how much of it is alive, with how sure that is. */
export function livelinessWords({ now }: StarterAnswer, isAlive: boolean): string {
  const [low, , middle, , high] = now;
  return t`${isAlive ? t`Alive` : t`Liveliness`} about ${percent(middle)} % (${percent(low)} %–${percent(high)} %).`;
}
