import { expect, test, type Locator, type Page } from '@playwright/test';
import { button, demoAt, demoState } from './kitchen';
import { Hand } from './hand';

/**
 * How many taps and keys the commonest acts take, from the page where a maker stands. Beginning a starter, and a brew as last time,
 * are counted in compose.spec.ts.
 */
test.use({ storageState: demoState });

interface Counted {
  readonly name: string;
  /** Where the maker stands. */
  readonly from: string;
  readonly taps: readonly ((page: Page) => Locator)[];
  /** What the line at the foot then says. */
  readonly said: RegExp;
}

const acts: readonly Counted[] = [
  { name: 'feed', from: '/', taps: [(page) => button(page, 'Fed Nib')], said: /Nib/ },
  {
    name: 'strain and feed',
    from: '/',
    taps: [(page) => button(page, 'Strained and fed The pearls')],
    said: /The pearls/,
  },
  { name: 'look', from: '/', taps: [(page) => button(page, 'Nib: foams')], said: /Nib/ },
  { name: 'squeeze', from: '/', taps: [(page) => button(page, 'Squeezed: gives')], said: /gives/ },
  {
    name: 'chill',
    from: '/',
    taps: [(page) => button(page, 'Chilled all 3')],
    said: /3 bottles in the fridge/,
  },
  {
    name: 'taste',
    from: '/brews',
    taps: [
      (page) => page.getByRole('link', { name: /^Rhubarb and sage/ }),
      (page) => button(page, 'Taste'),
      (page) => page.getByRole('radiogroup', { name: /^Sweet/ }).getByRole('radio', { name: 'Balanced' }),
      (page) => button(page, 'Note it'),
    ],
    said: /Rhubarb and sage: taste noted/,
  },
  {
    name: 'open',
    from: '/rack',
    taps: [
      (page) => button(page, /^Pear and fennel, bottle 2/),
      (page) => button(page, 'Open it'),
      (page) => button(page, 'Gentle hiss').or(page.getByRole('radio', { name: 'Gentle hiss' })),
      (page) => page.getByRole('button', { name: 'Opened', exact: true }),
    ],
    said: /is opened/,
  },
  {
    name: 'burp',
    from: '/rack',
    taps: [
      (page) => button(page, /^Plum and bay, bottle 4/),
      (page) => page.getByRole('button', { name: 'Burped', exact: true }),
    ],
    said: /burped/,
  },
  {
    name: 'bottle as last time',
    from: '/brews',
    taps: [
      (page) => page.getByRole('link', { name: /^Rhubarb and sage/ }),
      (page) => button(page, 'Bottle it'),
      (page) => button(page, 'Bottled'),
    ],
    said: /Rhubarb and sage is bottled/,
  },
];

/** Taps each act may take; none needs a key. Undo is one more, wherever it was done. */
const bounds: Readonly<Record<string, number>> = {
  feed: 1,
  'strain and feed': 1,
  look: 1,
  squeeze: 1,
  chill: 1,
  taste: 4,
  open: 4,
  burp: 2,
  'bottle as last time': 3,
};

for (const { name, from, taps, said } of acts)
  test(`${name}: ${bounds[name]} taps at most, no key, and one tap takes it back`, async ({ page }) => {
    const hand = new Hand(page);
    await page.goto(demoAt(from));
    for (const tap of taps) await hand.tap(tap(page).first());
    const line = page.getByRole('status').filter({ hasText: said });
    await expect(line).toBeVisible();
    expect(hand.taps).toBeLessThanOrEqual(bounds[name]!);
    // The line stands on a strip of its own: nothing that can be tapped lies under it.
    expect(await covered(line)).toEqual([]);
    hand.reset();
    const undo = page.getByRole('button', { name: 'Undo', exact: true });
    await hand.tap(undo);
    await expect(page.getByText('Taken back.')).toBeVisible();
    expect(hand.taps).toBe(1);
  });

/** Buttons of the page that the line covers, by name. */
const covered = (line: Locator) =>
  line.evaluate((strip) => {
    const ancestors = (each: Element): Element[] =>
      each.parentElement ? [each.parentElement, ...ancestors(each.parentElement)] : [];
    const at = strip.getBoundingClientRect();
    return Array.from(
      (strip.closest('[role=dialog]') ?? document).querySelectorAll('[role=button], button, a[href]'),
    )
      .filter((each) => {
        // What the page has scrolled out of sight ends above the strip.
        const scroll = ancestors(each).find((up) => /auto|scroll/.test(getComputedStyle(up).overflowY));
        const box = each.getBoundingClientRect();
        const visible = each.closest('[role=status]') === null && box.width > 0;
        if (scroll && scroll.getBoundingClientRect().bottom <= at.y + 1 && box.y + box.height / 2 > at.y)
          return false;
        const middle = [box.x + box.width / 2, box.y + box.height / 2] as const;
        const inside = middle[0] > at.x && middle[0] < at.right && middle[1] > at.y && middle[1] < at.bottom;
        return visible && inside && strip.contains(document.elementFromPoint(...middle));
      })
      .map((each) => each.getAttribute('aria-label') ?? each.textContent);
  });
