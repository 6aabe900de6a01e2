import type { Fate } from '@/core/tasting/bottle-fates';
import type { Calibration } from '@/core/tasting/looking-back';
import type { Liking, Palate } from '@/core/tasting/palate';
import { plural, t } from '@/core/language/t';

/** What became of bottles, after their number. */
export const fateWords: Readonly<Record<Fate, string>> = {
  good: t`opened well`,
  flat: t`opened flat`,
  gushed: t`gushed`,
  given: t`given away`,
  wasted: t`poured away or lost`,
  burst: t`burst or leaked`,
  closed: t`still closed`,
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

export const pendingCalibration = t`What was forecast of these bottles is being worked out once more.`;

/** Whether nine tenths held nine times in ten here. */
export function calibrationWords({ held, of, low, high }: Calibration): string {
  if (of === 0)
    return t`Nothing to check yet: open and taste bottles. What was forecast is then laid beside what you found.`;
  const found = t`Of ${plural(of, 'look')}, ${held} fell within what was forecast before anybody looked; nine in ten should.`;
  if (of < 8)
    return t`${found} Too few to tell: the true share may be anything from ${percent(low)} to ${percent(high)}.`;
  if (high < 0.9)
    return t`${found} That is too few (${Math.round(low * 100)}–${percent(high).replace(' ', '\u00a0')}). The bands are too narrow in this kitchen: leave more room than they say.`;
  if (low > 0.9)
    return t`${found} That is more than enough (${Math.round(low * 100)}–${percent(high).replace(' ', '\u00a0')}): the bands are wider here than they need be.`;
  return t`${found} That agrees (${Math.round(low * 100)}–${percent(high).replace(' ', '\u00a0')}).`;
}

const likingWords = ({ level, range, n }: Liking, digits: number, unit: string): string =>
  `${level.toFixed(digits)} ${unit} (${range[0].toFixed(digits)}–${range[1].toFixed(digits)}; ${n === 0 ? t`nothing scored, the usual` : t`from ${plural(n, 'sip')}`})`;

/** What somebody likes, in the measures of the forecast. */
export const palateLines = ({ likes }: Palate): string[] => [
  t`Sweet: about ${likingWords(likes.sweet, 0, 'g/L')}`,
  t`Sour: about ${likingWords(likes.sour, 1, 'pH')}`,
  t`Fizz: about ${likingWords(likes.fizz, 1, 'vol')}`,
];
