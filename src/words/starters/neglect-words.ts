import type { JarCare } from '@/core/cultures/culture';
import type { Neglect } from '@/core/starter/neglect';
import { duration } from '../moment';
import { t } from '@/core/language/t';

/** What is said of a neglected jar: how long, how likely it lives. */
export const neglectWords = (neglect: Neglect, name: string): string => `${name}: ${starvedWords(neglect)}`;

/** The same without its name. */
export const starvedWords = ({ days, survival }: Neglect): string =>
  t`fed ${duration(days * 24)} ago; the chance that it lives is about ${Math.round(100 * survival)} %.`;

/** How a neglected jar is brought back, step by step, and when to give it up. */
export function rescueSteps({ state }: Neglect, { ripe, renews }: JarCare): readonly string[] {
  if (state === 'late') return [t`Feed it as usual today: nothing is lost.`];
  const begin = t`Smell and look first: fuzz, colour or a foul smell, and all of it goes.`;
  if (ripe.by === 'acids')
    return [
      begin,
      t`Keep a seventh of the old, sour liquid and its skin; fresh sweet tea on it.`,
      t`A new skin within ten days says that it lives. Otherwise begin anew.`,
    ];
  if (renews)
    return [
      begin,
      t`Fresh, plain sugar water with a pinch of bicarbonate, in the warm. Throw that water away after a day or two.`,
      t`The same once more. Plump grains and bubbles say that they live; none by the fourth water, and they are dead.`,
    ];
  return [
    begin,
    t`Pour off all but a third, fill up with water, feed as usual, and stand it warm (22–27 °C).`,
    state === 'doubtful'
      ? t`Feed again each day. No bubble within four days, and it is dead: begin a new one.`
      : t`Feed again a day later. It foams within two or three days.`,
  ];
}
