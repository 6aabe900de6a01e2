import type { Action } from '@/core/today/agenda';
import { moment, plural, quarter } from '../forms/words';

export interface ActionWords {
  readonly over: string;
  readonly title: string;
  readonly because: string;
  /** The ribbon in words. */
  readonly span: string;
}

/** What a card says: do this, from–until, because. */
export function describe(action: Action, now: number): ActionWords {
  const from = moment(quarter(action.from), now);
  const until = moment(quarter(action.until), now);
  const span = `Good from ${from} until ${until}.`;
  switch (action.kind) {
    case 'chill':
      return { ...chillWords(action, now, from, until), span };
    case 'feed': {
      const { starter, feed } = action;
      const water = feed.waterMl > 0 ? ` and ${feed.waterMl} ml water` : '';
      const resting = starter.place === 'fridge';
      return {
        over: `Ginger bug “${starter.name}”`,
        title: `Feed ${feed.gingerGrams} g ginger, ${feed.sugarGrams} g sugar${water}`,
        because: resting
          ? `before ${until}: even at rest in the fridge it starves after about a month.`
          : `before ${until}: it has eaten what it had; fed now, it peaks for tomorrow.`,
        span,
      };
    }
    case 'pitch':
      return {
        over: 'Mixed, not yet alive',
        title: `Pitch ${action.batch.doseMl} ml into ${action.batch.name}`,
        because: 'once it is below 30 °C, and before wild guests find the sugar.',
        span,
      };
    case 'bottle':
      return {
        over: 'First ferment',
        title:
          action.from <= now
            ? `Taste ${action.batch.name}; bottle it if you like it`
            : `Taste ${action.batch.name} from ${from}`,
        because: `until ${until}, because ${action.because}`,
        span,
      };
    case 'open':
      return {
        over: `${plural(action.bottles.length, 'bottle')} in the fridge`,
        title:
          action.from <= now ? `Open ${action.batch.name}` : `${action.batch.name} settles until ${from}`,
        because: `at its best until about ${until}: two days of cold let the gas dissolve, weeks make it drier.`,
        span,
      };
  }
}

function chillWords(action: Extract<Action, { kind: 'chill' }>, now: number, from: string, until: string) {
  const { batch, bottles, because } = action;
  const which = bottles.length === 1 ? `bottle ${bottles[0]!.number}` : plural(bottles.length, 'bottle');
  const title =
    action.until <= now
      ? `${batch.name}: chill now, where they stand`
      : action.from <= now
        ? `${batch.name}: chill by ${until}`
        : `${batch.name}: chill between ${from} and ${until}`;
  return { over: `Pressure watch, ${which}`, title, because: capital(because) };
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
