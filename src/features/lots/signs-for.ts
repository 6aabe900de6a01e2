import { knownCultures } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { signKinds, type SignKind, type Signs } from '@/core/lots/signs';

/** What a kind of lot is looked at for: a soft bottle is squeezed, glass never. */
export function firstSigns(lot: Lot): readonly SignKind[] {
  if (lot.role === 'bottle')
    return lot.vessel.kind === 'plastic-soda'
      ? ['squeeze', 'hiss', 'bubbles', 'sediment', 'lid']
      : ['hiss', 'bubbles', 'sediment', 'lid', 'colour'];
  const culture = knownCultures(lot.culture);
  if (lot.role === 'starter' && culture?.unit === 'g' && culture.keeping?.renews)
    return ['grains', 'bubbles', 'smell', 'film', 'texture'];
  if (lot.role === 'starter' && culture?.keeping && culture.keeping.feed.sugarShare === 0)
    return ['clarity', 'smell', 'film', 'texture', 'bubbles'];
  if (lot.role === 'starter' && culture?.ingredients.includes('pellicle'))
    return ['film', 'smell', 'bubbles', 'colour', 'texture'];
  return lot.closure === 'sealed'
    ? ['lid', 'bubbles', 'smell', 'film', 'hiss']
    : ['foam', 'bubbles', 'film', 'smell', 'hiss'];
}

/** Signs that can be seen on a lot; the likeliest first. */
export function signsFor(lot: Lot): readonly SignKind[] {
  const first = firstSigns(lot);
  return [...first, ...signKinds.filter((kind) => !first.includes(kind))];
}

/** The two answers a glance gives: it does well, it does not. */
const glances: Readonly<Partial<Record<SignKind, readonly [good: Signs, bad: Signs]>>> = {
  foam: [{ foam: 'good' }, { foam: 'none' }],
  grains: [{ grains: 'plump' }, { grains: 'shrunk' }],
  clarity: [{ clarity: 'clear' }, { clarity: 'cloudy' }],
  film: [{ film: 'pellicle' }, { film: 'none' }],
};

/** What a glance at a jar of that kind can tell: foam of a bug, plump grains, clear whey, a skin on tea. */
export const glanceAt = (lot: Lot): readonly Signs[] => glances[firstSigns(lot)[0]!] ?? glances.foam!;
