import { doseVigour } from '@/core/forecast/starter/ripeness';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Competition } from '@/core/starter/claims';
import { inARow, volume } from '../amounts';
import { shareWords } from '../chance';
import { moment, quarter } from '../moment';
import { roughly } from '../when';
import { t } from '@/core/language/t';

/** A window of drawing: "Now until tomorrow 8:00", "From 20:00 until Friday morning", "Past since 6:00". */
export function drawSpanWords(from: number, until: number, now: number): string {
  if (until <= now) return t`Past since ${moment(quarter(until), now)}`;
  const closes = roughly(until, now);
  const opens = roughly(from, now);
  if (from > now && opens === closes) return t`About ${opens}`;
  return t`${from <= now ? t`Now` : t`From ${opens}`} until ${closes}`;
}

/** Of a jar that is not to be drawn from: a new one, or one that rests, waits; one that tires is fed. */
export const noDrawWords = ({ opens }: Pick<StarterAnswer, 'opens'>): string =>
  opens === 'ripening' || opens === 'resting' ? t`Not within the next days.` : t`After its next feed.`;

/** How much a dose drawn now does, in short. */
export function doseShareWords({ now }: StarterAnswer): string {
  const share = doseVigour(now[2]);
  return share >= 0.95
    ? t`A dose does what a lively jar’s does.`
    : t`A dose does about ${shareWords(share)} of a lively jar’s.`;
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
  t`About ${roughly(readyAt, now)} it should be ready. Sooner, if it foams well when stirred: say so above.`;
