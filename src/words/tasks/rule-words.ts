import type { BottleAdvice } from '@/core/forecast/advice/bottle-advice';
import type { TaskRule } from '@/core/tasks/task';
import { moment, quarter } from '../moment';
import { signWords, sweetWords } from '../names';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

const asks = {
  squeeze: t`squeeze bottle`,
  hiss: t`ease the cap of bottle`,
  gaugeBar: t`read the gauge of bottle`,
  sweet: t`taste`,
} as const;
const again = { squeeze: t`look`, hiss: t`listen`, gaugeBar: t`look`, sweet: t`taste` } as const;
/** What follows a look. */
const deeds = { chill: t`chill`, bottle: t`bottle it`, strain: t`strain and feed it` } as const;

/** A result as it is said: the word of the sign, or the bars of a gauge. */
export const resultWords = ({ kind }: Pick<TaskRule, 'kind'>, result: string): string =>
  kind === 'gaugeBar'
    ? t`${result} bar`
    : kind === 'sweet'
      ? (sweetWords[Number(result) - 1] ?? result)
      : (signWords[kind].words[result] ?? result);

/** An instant in a sentence: "now", "at 21:30", "tomorrow 8:00". */
function when(at: number, now: number): string {
  if (quarter(at) <= now + 900_000) return t`now`;
  const said = moment(quarter(at), now);
  return /^\d+:/.test(said) ? t`at ${said}` : said;
}

const unasked = {
  squeeze: t`Squeezing the soft bottle`,
  hiss: t`Easing one cap`,
  gaugeBar: t`Reading the gauge`,
} as const;

/** What a look would bring who was asked for none, since they never look; null for less than one bottle in ten. */
export function unaskedWords({ kind, gain }: NonNullable<BottleAdvice['unasked']>): string | null {
  const more = Math.round(10 * gain);
  return more < 1 ? null : t`${unasked[kind]} would make about ${more} more in 10 come right.`;
}

/** The order: "squeeze bottle 4 at 21:30". */
export const ruleOrder = ({ kind, lot, at }: TaskRule, now: number): string =>
  `${asks[kind]} ${lot.name} ${when(at, now)}`;

/**
 * What follows each result, results with the same act together: "Soft, gives: leave it, look again tomorrow 8:00. Firm: chill
 * then. Rock hard: chill then."
 */
export function ruleLines(rule: TaskRule, now: number): string[] {
  const acts: { act: string; results: string[] }[] = [];
  for (const { result, next, at } of rule.branches) {
    const then = quarter(at) <= quarter(Math.max(rule.at, now));
    const act =
      next === 'look'
        ? t`leave it, ${again[rule.kind]} again ${when(at, now)}`
        : then
          ? t`${deeds[rule.then]} at once`
          : t`leave it, ${deeds[rule.then]} ${when(at, now)}`;
    const last = acts.at(-1);
    if (last?.act === act) last.results.push(resultWords(rule, result));
    else acts.push({ act, results: [resultWords(rule, result)] });
  }
  return acts.map(({ act, results }) => {
    const words = results.join(', ').toLowerCase();
    return `${capital(words)}: ${act}.`;
  });
}
