import type { AwayCare } from '@/core/starter/away';
import { plural, t } from '@/core/language/t';

export interface AwayWords {
  readonly before: string;
  readonly after: string;
  readonly survival: string;
  readonly neighbour: string | null;
}

/**
 * What a starter needs around an absence, in sentences.
 *
 * @param feed the usual feed in words; empty for what is not fed
 * @param at an instant in words
 */
export function awayCareWords(
  care: AwayCare,
  feed: string,
  at: (instant: number) => string,
  home: number,
): AwayWords {
  const fed = feed ? t`Feed ${feed} between ${at(care.feedFrom)} and ${at(care.feedUntil)}` : null;
  const before =
    care.how === 'stays'
      ? t`${fed ?? t`Nothing to do`}; it stands that long where it is.`
      : care.how === 'rests'
        ? fed
          ? t`${fed}, then into the fridge.`
          : t`Into the fridge by ${at(care.feedUntil)}.`
        : t`It stays in the fridge.`;
  const lively = at(care.livelyAt);
  const after =
    care.wakingFeeds === 0
      ? t`Home ${at(home)}: use it cold, or make a new one.`
      : care.how === 'stays'
        ? t`Home ${at(home)}: feed it, and it is lively by about ${lively}.`
        : t`Home ${at(home)}: onto the counter, ${plural(care.wakingFeeds, 'warm feed')}; lively by about ${lively}.`;
  const survival =
    care.survival >= 0.99
      ? t`It comes through.`
      : t`It lives with a chance of about ${Math.round(care.survival * 100)} %.`;
  const neighbour = care.neighbourBy
    ? t`That is longer than it lasts. Ask somebody to feed it by ${at(care.neighbourBy)}, or dry a spare part of it.`
    : null;
  return { before, after, survival, neighbour };
}

/** What a spell does to a starter's feeds. */
export function spellWords(
  starter: { readonly name: string; readonly before: number; readonly then: number },
  celsius: number,
): string {
  const every = (hours: number) =>
    hours >= 36 ? t`${(hours / 24).toFixed(1)} days` : t`${Math.round(hours)} hours`;
  const less = Math.round((1 - starter.then / starter.before) * 100);
  const dose = less > 0 ? t`; pitch about ${Math.min(50, less)} % less of it, and chill sooner` : '';
  return t`${starter.name} at ${celsius} °C: a feed every ${every(starter.then)} instead of ${every(starter.before)}${dose}.`;
}
