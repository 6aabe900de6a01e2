import type { DaySpan, UsualAbsence } from '@/core/kitchen/absence';
import { t } from '@/core/language/t';

const time = (minutes: number): string =>
  `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
const between = ([from, to]: DaySpan): string => t`between ${time(from)} and ${time(to)}`;

/** What was learned of when a household is out, and what follows; null while nothing was. */
export function absenceWords({ weekdays, weekends }: UsualAbsence): string | null {
  const parts = [
    weekdays ? t`on working days ${between(weekdays)}` : null,
    weekends ? t`at weekends ${between(weekends)}` : null,
  ].filter((part) => part !== null);
  return parts.length > 0
    ? t`You hardly ever note anything ${parts.join(', and ')}: looks are planned around it.`
    : null;
}
