import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import type { JarCare } from '@/core/cultures/culture';
import type { Guide, WayToBegin } from '@/core/cultures/guides/guide';
import { dayMs } from '@/core/duration';
import type { StageTime } from '@/core/starter/first-glass';
import { t } from '@/core/language/t';

/** A day to come: "today", "tomorrow", "Monday 7 December". */
export function dayWords(at: number, now: number): string {
  if (isSameDay(at, now)) return t`today`;
  return isSameDay(at, now + dayMs) ? t`tomorrow` : format(at, 'EEEE d MMMM');
}

/** When the first glass comes: usually, and between which days. */
export function glassWords(
  stages: readonly StageTime[],
  now: number,
): { readonly title: string; readonly range: string } {
  const glass = stages.at(-1)!;
  return {
    title: t`First glass about ${dayWords(glass.usual, now)}`,
    range: t`Nine times in ten between ${format(glass.early, 'd MMMM')} and ${format(glass.late, 'd MMMM')}. Warmth brings it sooner.`,
  };
}

/** One stage of the way: when, what to do, and what will be seen on the way there. */
export interface StageWords {
  readonly when: string;
  readonly act: string;
  readonly see: string;
}

/** The way stage by stage, for who never went it. */
export function wayWords(
  stages: readonly StageTime[],
  {
    way,
    keeping,
    guide,
  }: { readonly way: WayToBegin; readonly keeping: JarCare | null; readonly guide: Guide | undefined },
  now: number,
): StageWords[] {
  const steps = guide?.beginning?.steps ?? [];
  return stages.flatMap(({ stage, usual }, i): StageWords[] => {
    const when = i === 0 || isSameDay(usual, now) ? t`Today` : t`About ${dayWords(usual, now)}`;
    switch (stage) {
      case 'begin': {
        const till = stages[1]!;
        const waits = till.usual - now > dayMs / 2;
        const daily =
          way.makes === 'jar' && keeping !== null && !keeping.renews && keeping.feed.sugarShare > 0;
        // A jar that is ready at once looks like none of its first days.
        const begun = { when, act: beginAct(way), see: waits ? (steps[0]?.see ?? '') : '' };
        return waits && daily
          ? [
              begun,
              {
                when: t`Every day till ${dayWords(till.usual, now)}`,
                act: t`Stir it and feed it. Yuzet says how much.`,
                see: steps.at(-1)?.see ?? '',
              },
            ]
          : [begun];
      }
      case 'brew':
        return [
          {
            when,
            act: t`Brew: a sweet base, cooled, and the starter in.`,
            see: t`Still and sweet at first.`,
          },
        ];
      case 'bottle':
        return [
          {
            when,
            act: t`Taste it. Bottle it while it is a little too sweet.`,
            see: t`Small bubbles, less sweet than before.`,
          },
        ];
      case 'chill':
        return [
          {
            when,
            act: t`Squeeze the soft bottle. Firm: chill them all.`,
            see: t`The soft bottle gets firm, day by day.`,
          },
        ];
      case 'glass':
        return [
          { when, act: t`Open it cold, slowly, over the sink.`, see: t`It hisses and pours with a head.` },
        ];
    }
  });
}

const beginAct = ({ makes, name }: WayToBegin): string =>
  makes === 'packet'
    ? t`Put the packet on the shelf, and its date into Yuzet.`
    : makes === 'brew'
      ? t`Begin the brew from ${name}. It needs no starter.`
      : t`Begin the jar from ${name}. It takes ten minutes.`;

/** What must be in the house, whatever is brewed. */
export const houseWords: readonly string[] = [
  t`A glass jar, a clean cloth and a band`,
  t`Water without chlorine: filtered, or boiled and cooled`,
  t`Swing-top bottles made for pressure, half a litre each`,
  t`One small plastic soda bottle, to feel the pressure by`,
  t`A sieve, a funnel and room in the fridge`,
];

/** Whether it comes in time for a day. */
export function inTimeWords({ early, usual, late }: StageTime, by: number): string {
  if (late <= by) return t`That gives time enough.`;
  if (usual <= by) return t`Likely in time. Keep it warm, and begin today.`;
  return early <= by ? t`Only if all goes fast.` : t`Not by then.`;
}
