import { doseVigour } from '@/core/forecast/starter/ripeness';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Competition } from '@/core/starter/claims';
import type { JarCare } from '@/core/cultures/culture';
import { survivalAfter } from '@/core/starter/away';
import { inARow, volume } from '../amounts';
import { shareWords } from '../chance';
import { moment, quarter } from '../moment';
import { plural, t } from '@/core/language/t';

/** A window of drawing: "Now until Fri 8:00", "From Thu 20:00 until Fri 8:00", "Gone since 6:00". */
export function drawSpanWords(from: number, until: number, now: number): string {
  if (until <= now) return t`Past since ${moment(quarter(until), now)}`;
  const closes = moment(quarter(until), now);
  const opens = moment(quarter(from), now);
  if (from > now && opens === closes) return t`About ${opens}`;
  return t`${from <= now ? t`Now` : t`From ${opens}`} until ${closes}`;
}

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

/** How much a dose drawn now does, in short. */
export function doseShareWords({ now }: StarterAnswer): string {
  const share = doseVigour(now[2]);
  return share >= 0.95
    ? t`A dose does what a lively jar’s does.`
    : t`A dose does about ${shareWords(share)} of a lively jar’s.`;
}

/** How lively a jar is, or how much of it is alive, with how sure that is. */
export function livelinessWords({ now }: StarterAnswer, isAlive: boolean): string {
  const [low, , middle, , high] = now;
  return t`${isAlive ? t`Alive` : t`Liveliness`} about ${percent(middle)} % (${percent(low)} %–${percent(high)} %).`;
}

/** That another brew wants the same jar, what is left, and when this one could have its part. */
export function competitionWords(
  { claims, promisedMl, freeMl, soonest }: Competition,
  jar: string,
  ml: number,
  now: number,
): string {
  const others = inARow(claims.map(({ name }) => name));
  const left = freeMl > 0 ? t`${volume(freeMl)} are left now` : t`nothing is left now`;
  const then =
    soonest === null
      ? t`The jar is too small for both: use another starter, or move it to a bigger jar first.`
      : t`Soonest for ${volume(Math.round(ml))} more: ${moment(quarter(soonest), now)}, fed and topped up on the way.`;
  return t`${jar} is promised to ${others} (${volume(Math.round(promisedMl))}): ${left}. ${then}`;
}

/** That a new jar gives nothing yet, and when it may. */
export const notYetWords = (readyAt: number, now: number): string =>
  t`About ${moment(quarter(readyAt), now)} it should be ready. Sooner, if it foams well when stirred: say so above.`;
