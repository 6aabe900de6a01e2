import type { TasteKind } from '@/core/lots/lot';
import { fizzSteps, sweetWords } from './names';
import { t } from '@/core/language/t';

/** Each scale of a sip in a maker's words, from 1 to 5. */
export const tasteScales: Readonly<
  Record<Exclude<TasteKind, 'strength'>, readonly [title: string, steps: readonly string[]]>
> = {
  sweet: [t`Sweet`, sweetWords],
  sour: [t`Sour`, [t`Not sour`, t`Fresh`, t`Tart`, t`Sour`, t`Vinegary`]],
  fizz: [t`Fizz`, fizzSteps],
  spice: [t`Spice`, [t`None`, t`A trace`, t`Warm`, t`Spicy`, t`Burning`]],
  aroma: [t`Aroma`, [t`None`, t`Faint`, t`Clear`, t`Full`, t`Too much`]],
  off: [t`Anything off`, [t`Clean`, t`A trace`, t`Noticeable`, t`Strong`, t`Undrinkable`]],
  liking: [t`How is it?`, [t`Not again`, t`Meh`, t`Fine`, t`Good`, t`Again, please`]],
};

/** One score of a sip as it was said: "balanced", "aroma: faint", “Again, please”. @param score 1–5, a whole number */
export function tasteSaid(kind: TasteKind, score: number): string {
  if (kind === 'strength') return t`strength: ${score} of 5`;
  const [title, steps] = tasteScales[kind];
  const word = steps[score - 1]!;
  if (kind === 'liking') return t`“${word}”`;
  const said = word.toLowerCase();
  return kind === 'sweet' || kind === 'sour' ? said : `${title.toLowerCase()}: ${said}`;
}
