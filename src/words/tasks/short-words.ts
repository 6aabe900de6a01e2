import type { Household } from '@/core/journal/household';
import { lotOf } from '@/core/journal/household';
import { rootOf } from '@/core/forecast/question/family-members';
import { renewalOf } from '@/core/starter/renewal';
import type { Task, TaskRule } from '@/core/tasks/task';
import { moment, quarter } from '../moment';
import { ruleOrder } from './rule-words';
import { capital } from '@/core/capital';

/** A task in one breath: what to do, and why, each in at most twelve words; a caution that guards the hand by itself. */
export interface ShortWords {
  readonly headline: string;
  readonly reason: string;
  readonly caution: string | null;
}

/** Longer names are cut: a headline is read from a metre away. */
const mostWords = 12;
const cut = (text: string): string => {
  const words = text.split(' ');
  return words.length <= mostWords ? text : `${words.slice(0, mostWords - 1).join(' ')} …`;
};

const glass = 'Glasses on; carry it wrapped. Never squeeze glass.';
const doNotTouch = 'Do not touch, open or carry it: cool it where it stands.';

const bottlesOf = ({ lots }: Task): string =>
  lots.length === 1 ? `bottle ${lots[0]!.name}` : `${lots.length} bottles`;

const ruleHeadline = (rule: TaskRule, now: number): string => {
  const order = ruleOrder(rule, now);
  return capital(order);
};

/** @param now ms */
export function shortWords(task: Task, household: Household, now: number): ShortWords {
  const { headline, reason, caution = null } = plain(task, household, now);
  return { headline: cut(headline), reason: cut(reason), caution };
}

function plain(
  task: Task,
  household: Household,
  now: number,
): { headline: string; reason: string; caution?: string } {
  const lot = task.lots[0]!;
  const root = rootOf(lot, (id) => lotOf(household, id));
  const until = moment(quarter(task.until), now);
  switch (task.verb) {
    case 'chill':
      if (task.reason === 'do-not-handle')
        return {
          headline: `${root.name}: do not handle ${bottlesOf(task)}`,
          reason: 'Its glass may give way.',
          caution: doNotTouch,
        };
      if (task.rule)
        return {
          headline: `${root.name}: ${ruleOrder(task.rule, now)}`,
          reason: `The look decides; without one chill by ${until}.`,
          caution: glass,
        };
      return {
        headline: `${root.name}: chill ${bottlesOf(task)}`,
        reason: `Its fizz is best kept by chilling before ${until}.`,
        caution: glass,
      };
    case 'feed':
      if (task.reason === 'starved')
        return { headline: `Bring ${lot.name} back`, reason: 'It starved: look and smell first.' };
      if (task.rule)
        return {
          headline: ruleHeadline(task.rule, now),
          reason: `The taste decides; without one strain and feed by ${until}.`,
        };
      return {
        headline: `${renewalOf(lot) ? 'Strain and feed' : 'Feed'} ${task.lots.map(({ name }) => name).join(', ')}`,
        reason:
          task.reason === 'away' ? `Before leaving, by ${until}.` : `Its last feed is eaten by ${until}.`,
      };
    case 'rest':
      return {
        headline: `Feed ${lot.name}, then into the fridge`,
        reason: 'Cold and fed it rests for weeks.',
      };
    case 'wake':
      return { headline: `Wake and feed ${lot.name}`, reason: 'It is lively again in one to three days.' };
    case 'pitch':
      return { headline: `Pitch ${lot.name}`, reason: 'Once it is below 30 °C.' };
    case 'bottle':
      if (task.rule)
        return {
          headline: ruleHeadline(task.rule, now),
          reason: `The taste decides; without one bottle by ${until}.`,
          caution: 'Leave headspace; pressure-rated bottles only.',
        };
      return {
        headline: `Taste ${lot.name}; bottle it if you like it`,
        reason: `Its sweetness is right until about ${until}.`,
        caution: 'Leave headspace; pressure-rated bottles only.',
      };
    case 'open':
      return {
        headline: `Open ${root.name}`,
        reason: `It is at its best until about ${until}.`,
        caution: 'Open it cold, slowly, over a bowl.',
      };
    case 'tend':
      return {
        headline: `${task.reason === 'stir' ? 'Stir' : task.reason === 'shake' ? 'Shake' : task.reason === 'vent' ? 'Lift the lid of' : 'Look after'} ${task.lots.map(({ name }) => name).join(', ')}`,
        reason: 'What lies dry on top grows fuzz.',
      };
    case 'discard':
      return {
        headline: `Discard ${lot.name}`,
        reason: 'Fuzz, odd colour or a foul smell.',
        caution: 'Never skim and drink.',
      };
  }
}
