import { expect, test, type Locator, type Page } from '@playwright/test';
import { act, button, field, leaveOut, liveOn, put, putIn, scaleBy, setClock, sheet } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

/** A Monday evening in an empty kitchen. */
const begun = Date.parse('2026-06-01T18:00:00+01:00');

/** Amounts as they are typed, by the label of their box. */
type Amounts = Readonly<Record<string, string>>;

interface Brew {
  readonly name: string;
  /** Rows of the empty worktop that are taken away. */
  readonly without?: readonly string[];
  /** Things that are looked up, by what is typed and the name that is picked. */
  readonly add?: Readonly<Record<string, string>>;
  readonly amounts: Amounts;
  readonly litres?: string;
  readonly water?: string;
  readonly life?: string;
  readonly dose?: readonly [label: string, amount: string];
}

/** Somebody at the counter: what a maker does, through the interface alone. The clock is moved, nothing is waited for. */
export class Maker {
  constructor(readonly page: Page) {
    test.setTimeout(180_000);
  }

  /** Moves the clock to so many hours after the beginning, and goes to a page. */
  async at(hours: number, path = '/') {
    await setClock(this.page, begun + hours * hourMs);
    // A page that stays in sight looks at the clock when the window is taken up again.
    if (this.page.url().endsWith(path) && path !== '/')
      await this.page.evaluate(() => window.dispatchEvent(new Event('focus')));
    else await this.page.goto(path);
  }

  radio(name: string | RegExp, within: Page | Locator = this.page) {
    return within.getByRole('radio', { name, exact: typeof name === 'string' });
  }

  /** A kitchen as warm as said. */
  async kitchen(celsius: number) {
    await this.page.goto('/places');
    await field(this.page, 'Counter, °C').fill(String(celsius));
    await field(this.page, 'Counter, °C').blur();
  }

  /** Begins a starter; returns its page. */
  async begin(kind: string, name: string, amounts: Amounts, way?: string): Promise<string> {
    await this.page.goto('/starters/new');
    await this.radio(kind).click();
    if (way) await this.radio(way).click();
    await field(this.page, 'Name').fill(name);
    for (const [label, amount] of Object.entries(amounts)) await this.fillOrAdd(label, amount);
    await button(this.page, 'Begin').click();
    await expect(this.page.getByRole('heading', { name, exact: true })).toBeVisible();
    return new URL(this.page.url()).pathname;
  }

  private async fillOrAdd(label: string, amount: string) {
    const box = field(this.page, label);
    if (!(await box.isVisible())) await this.pick(label, label);
    await box.fill(amount);
  }

  /** Looks something up and takes it. */
  async pick(typed: string, name: string, within: Page | Locator = this.page) {
    await within.getByRole('button', { name: 'Add something', exact: true }).click();
    await within.getByRole('searchbox', { name: 'Something else', exact: true }).fill(typed);
    await within
      .getByRole('radiogroup', { name: 'Ingredients' })
      .getByRole('radio', { name, exact: true })
      .click();
  }

  /** Composes a brew on the worktop, up to its button. */
  async compose({ name, without = [], add = {}, amounts, litres, water, life, dose }: Brew) {
    const { page } = this;
    await page.goto('/brews/new');
    await field(page, 'Name').fill(name);
    for (const row of without) await leaveOut(page, row);
    for (const [typed, picked] of Object.entries(add)) await putIn(page, typed, picked);
    if (litres) await scaleBy(page, 'Litres of soda', 'Volume', litres);
    for (const [label, amount] of Object.entries(amounts)) await put(page, label, amount);
    if (life) await liveOn(page, life);
    if (dose) await put(page, dose[0], dose[1]);
    if (water) await put(page, 'Water', water);
  }

  /** Sugar in the jar as the board says it, g/L. */
  async boardSugar(): Promise<number> {
    return Number((await this.page.getByTestId('board-sugar').innerText()).match(/\d+/)![0]);
  }

  /** Mixed all at once; returns the brew's page. */
  async mix(name: string): Promise<string> {
    await button(this.page, /^Mixed/).click();
    await expect(this.page.getByRole('heading', { name, exact: true })).toBeVisible();
    return new URL(this.page.url()).pathname;
  }

  async pitch(warmth: string) {
    await button(this.page, 'Pitch the starter').click();
    await this.radio(warmth, sheet(this.page)).click();
    await button(this.page, 'Pitched').click();
    await expect(this.page.getByText('Brews / first ferment', { exact: false })).toBeVisible();
  }

  /** Opens one of the acts of a lot's row. */
  async act(name: string) {
    await act(this.page, name);
  }

  /** Adds amounts to the lot that is shown, looking up what has no box yet. */
  async add(amounts: Amounts, done: 'Added' | 'Fed' = 'Added') {
    await this.act('Add');
    const on = sheet(this.page);
    await expect(on.getByRole('button', { name: done, exact: true })).toBeVisible();
    for (const [label, amount] of Object.entries(amounts)) {
      const box = on.getByRole('textbox', { name: label, exact: true });
      if (!(await box.isVisible())) await this.pick(label, label, on);
      await box.fill(amount);
    }
    return { on, save: () => on.getByRole('button', { name: done, exact: true }).click() };
  }

  /** A sign that is looked for, on the lot that is shown. */
  async look(signs: Readonly<Record<string, string>>) {
    await this.act('Look');
    const on = sheet(this.page);
    for (const [sign, value] of Object.entries(signs)) {
      const group = on.getByRole('radiogroup', { name: sign });
      if (!(await group.isVisible())) await on.getByRole('button', { name: 'More signs' }).click();
      await group.getByRole('radio', { name: value, exact: true }).click();
    }
    await on.getByRole('button', { name: 'Note it' }).click();
  }

  async measure(quantity: string, label: string, value: string) {
    await this.act('Measure');
    const on = sheet(this.page);
    await this.radio(quantity, on).click();
    await on.getByRole('textbox', { name: label, exact: true }).fill(value);
    await on.getByRole('button', { name: 'Note it' }).click();
  }

  /** Bottles of one kind that are the kitchen's, said on the bottling page that is shown. */
  async own(kind: string, size: string, count: number) {
    const { page } = this;
    const more = page.getByRole('button', { name: 'Other bottles', exact: true });
    if (await more.isVisible()) await more.click();
    const card = page.getByTestId('add-make');
    await this.radio(kind, card).click();
    await field(page, 'Size').fill(size);
    await field(page, 'How many').fill(String(count));
    await button(page, 'Mine now').click();
  }

  /** Text of something on the page, joined. */
  async text(testId: string): Promise<string> {
    return (await this.page.getByTestId(testId).first().innerText()).replace(/\s+/g, ' ');
  }
}
