import { expect, test } from '@playwright/test';
import { demoState } from './kitchen';
import { show, views } from './views';

test.use({ storageState: demoState, locale: 'en-US' });

/** Amounts in metric units, but g/L and what is said by hand of a rate. */
const metric =
  /(^|[\s(=~])[\d½¼¾⅓⅔.,–-]+ ?(ml|dl|l|L|g|kg|cm|bar|°C)(?=$|[\s.,;:)])(?! a litre)|^(ml|L|g|kg)$/;

for (const half of [0, 1])
  test(`in a kitchen of the United States no view says grams, millilitres or °C, part ${half + 1}`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    const found: Record<string, string[]> = {};
    for (const route of Object.keys(views).filter((_, i) => i % 2 === half)) {
      await show(page, views[route]!);
      await page.waitForTimeout(1500);
      const lines = (await page.locator('main').first().innerText())
        .split('\n')
        .filter((line) => metric.test(line));
      if (lines.length > 0) found[route] = lines;
    }
    expect(found).toEqual({});
  });
