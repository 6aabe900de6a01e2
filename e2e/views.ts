import { expect, type Page } from '@playwright/test';
import { demoAt } from './kitchen';

type Way = string | ((page: Page) => Promise<void>);

/** Follows the first link of a page that is called so. */
const follow =
  (from: string, name: RegExp): Way =>
  async (page) => {
    await page.goto(demoAt(from));
    await page.getByRole('link', { name }).first().click();
    await expect(page).not.toHaveURL(new RegExp(`${from}(\\?|$)`));
  };

/** A page about a lot that a link of another page leads to. */
const about =
  (from: string, name: RegExp, path: string): Way =>
  async (page) => {
    await show(page, follow(from, name));
    await page.goto(demoAt(`${path}${new URL(page.url()).pathname.split('/').at(-1)}`));
  };

/** Goes to a view, and waits for its title. */
export async function show(page: Page, way: Way) {
  if (typeof way === 'string') await page.goto(demoAt(way));
  else await way(page);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
}

/** Every view of the app: the file of its route, and how a maker comes to it. */
export const views: Readonly<Record<string, Way>> = {
  '+not-found': '/no-such-page',
  back: '/back',
  'bottles/[id]': async (page) => {
    await show(page, follow('/brews', /Bottled/));
    await page
      .getByRole('link', { name: /its page$/ })
      .first()
      .click();
  },
  'bottles/index': '/bottles',
  'brews/[id]': follow('/brews', /^Plum and bay/),
  'brews/bottling': about('/brews', /First ferment$/, '/brews/bottling?brew='),
  'brews/day': about('/brews', /Mixed$/, '/brews/day?brew='),
  'brews/index': '/brews',
  'brews/labels': about('/brews', /Bottled$/, '/brews/labels?brew='),
  'brews/new': '/brews/new?recipe=plum-fig-leaf',
  'brews/recipe': '/brews/recipe?id=plum-fig-leaf',
  'brews/recipes': '/brews/recipes',
  cautions: '/cautions',
  clock: '/clock',
  compare: follow('/back', /side by side$/),
  data: '/data',
  first: '/first',
  index: '/',
  jars: '/jars',
  more: '/more',
  places: '/places',
  plan: '/plan',
  rack: '/rack',
  'starters/[id]': follow('/starters', /^Nib/),
  'starters/ahead': '/starters/ahead',
  'starters/build': about('/starters', /^Nib/, '/starters/build?lot='),
  'starters/care': about('/starters', /^Nib/, '/starters/care?lot='),
  'starters/index': '/starters',
  'starters/new': '/starters/new',
  'starters/trouble': about('/starters', /^Nib/, '/starters/trouble?lot='),
  workbook: '/workbook',
};
