import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { ObservationKind } from '@/core/forecast/question/lot-ask';
import type { InformativeObservation } from '@/core/forecast/advice/informative-observation';
import { isAwake, type WakingHours } from '@/core/kitchen/waking';
import type { Lot } from '@/core/lots/lot';
import { moment, quarter } from '../moment';
import { roughly } from '../when';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** A look that takes off less than this share of the uncertainty, or decides over fewer hours, is not worth asking for. */
const worthAsking = { gain: 0.15, jarGain: 0.1, hours: 4 } as const;

const asks: Readonly<Record<ObservationKind, string>> = {
  squeeze: t`Squeeze`,
  hiss: t`Ease the cap of`,
  sweet: t`Sip`,
  foam: t`Look at the foam of`,
  gaugeBar: t`Read the gauge of`,
  sg: t`Float the hydrometer in`,
};

/**
 * The one look worth asking for: the most telling one that comes while somebody is up, and before the window closes (when it
 * has closed already, now).
 */
export function askedLook(
  answer: LotAnswer,
  now: number,
  waking: WakingHours,
): InformativeObservation | null {
  const window = answer.chill ?? answer.taste;
  const closes = answer.start + (window?.latest ?? Infinity) * hourMs;
  const at = (look: InformativeObservation) => answer.start + look.hour * hourMs;
  const worth = answer.looks.filter(
    ({ gain, decides }) => gain >= worthAsking.gain && decides[1] - decides[0] >= worthAsking.hours,
  );
  const coming = worth.filter((look) => at(look) > now - 2 * hourMs);
  const timely = coming.filter((look) => at(look) <= closes && isAwake(at(look), waking));
  const ranked = [...timely].sort((a, b) => b.gain - a.gain);
  return ranked[0] ?? (closes <= now ? (coming[0] ?? null) : null);
}

/** The one look at a kept jar worth asking for, in words; null when none would tell. */
export function jarLookWords(
  answer: StarterAnswer,
  name: string,
  now: number,
  waking: WakingHours,
): string | null {
  const at = (hour: number) => answer.start + hour * hourMs;
  const [look] = answer.looks
    .filter(
      ({ gain, hour }) => gain >= worthAsking.jarGain && at(hour) > now - hourMs && isAwake(at(hour), waking),
    )
    .sort((a, b) => b.gain - a.gain);
  if (!look) return null;
  const said = moment(quarter(at(look.hour)), now);
  const when = at(look.hour) <= now + hourMs / 2 ? t`now` : /^\d+:/.test(said) ? t`at ${said}` : said;
  const [earlier, later] = look.decides.map((hour) => roughly(Math.max(now, at(hour)), now));
  return t`${asks[look.kind]} ${name} ${when}: nothing tells better when it ${answer.looksTell === 'opens' ? t`is ready` : t`tires`}. Between ${earlier} and ${later}, as far as is known.`;
}

/**
 * "Squeeze bottle 2 at 20:00: it decides between tomorrow 1:00 and Wednesday noon."
 *
 * @param squeezed the soft bottle that is squeezed for it; null when there is none
 */
export function lookWords(
  look: InformativeObservation,
  lot: Lot,
  squeezed: Lot | null,
  answer: LotAnswer,
  now: number,
): string {
  const at = (hour: number) => answer.start + hour * hourMs;
  const said = moment(quarter(at(look.hour)), now);
  const when = at(look.hour) <= now + hourMs / 2 ? t`now` : /^\d+:/.test(said) ? t`at ${said}` : said;
  const [earlier, later] = look.decides.map((hour) => roughly(Math.max(now, at(hour)), now));
  const pilot = look.kind === 'squeeze' && squeezed !== null && squeezed.id !== lot.id;
  const felt = pilot ? squeezed : lot;
  const bottle = t`${pilot ? t`the pilot, ` : ''}bottle ${felt.name}${pilot ? ',' : ''}`;
  const what = felt.role === 'bottle' ? bottle : felt.name;
  const listen = look.kind === 'hiss' ? t` and listen` : '';
  return t`${asks[look.kind]} ${what} ${when}${listen}: it decides between ${earlier} and ${later}.`;
}
