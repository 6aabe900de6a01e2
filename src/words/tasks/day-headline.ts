import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';
import { inWords } from '../moment';

interface Due {
  readonly from: number;
  readonly until: number;
}

/** What may be begun so soon is there now, and what may be done for so long yet can wait, ms. */
const soon = 2 * hourMs;
const patient = 18 * hourMs;

/** What a day asks for, in a line: "Two things this morning, one later". What can wait till tomorrow is not of this morning. */
export function dayHeadline(due: readonly Due[], now: number): string {
  const open = due.filter(({ from }) => from <= now + soon);
  const pressing = open.filter(({ until }) => until <= now + patient).length;
  if (pressing === 0) return open.length > 0 ? t`Nothing presses today` : t`Nothing is due yet`;
  const later = due.length - pressing;
  const rest = later > 0 ? t`, ${inWords(later).toLowerCase()} later` : '';
  return `${inWords(pressing)} ${pressing === 1 ? t`thing` : t`things`} ${partOfDay(now)}${rest}`;
}

function partOfDay(now: number): string {
  const hour = new Date(now).getHours();
  if (hour < 4 || hour >= 22) return t`tonight`;
  if (hour < 12) return t`this morning`;
  return hour < 17 ? t`this afternoon` : t`before bed`;
}
