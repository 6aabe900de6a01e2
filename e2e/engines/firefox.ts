import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { launch, type ElementHandle } from 'puppeteer-core';
import { byLabel, byRole, finder, hasText, journalIn, letsGo, tapOn, until, type Engine } from './engine';

/** Debian's Firefox ESR over WebDriver BiDi. */
export async function firefox(executablePath: string, home: string): Promise<Engine> {
  const downloads = mkdtempSync(path.join(tmpdir(), 'yuzet-firefox-'));
  const browser = await launch({
    browser: 'firefox',
    executablePath,
    headless: true,
    extraPrefsFirefox: {
      'browser.download.folderList': 2,
      'browser.download.dir': downloads,
      'browser.helperApps.neverAsk.saveToDisk': 'application/json',
      'intl.accept_languages': 'en-GB',
      // A first visit would copy the whole app for later.
      'dom.serviceWorkers.enabled': false,
    },
  });
  const page = await browser.newPage();
  await page.setViewport({ width: 390, height: 844 });
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text());
  });
  const element = async (expression: string) => {
    if (!(await page.evaluate('"TestingLibraryDom" in window'))) await page.evaluate(finder);
    const handle = await page.evaluateHandle(expression);
    return handle.asElement() as ElementHandle<Element> | null;
  };
  /** Goes elsewhere from within the page, once it lets go: nobody answers its question here, and the page would stand. */
  const leave = async (going: string) => {
    await until(`leave for ${going}`, async () => Boolean(await page.evaluate(letsGo)));
    await page.evaluate(`window.isLeft = true; setTimeout(() => ${going})`);
    const gone = `!window.isLeft && document.readyState !== 'loading'`;
    await until(going, async () => Boolean(await page.evaluate(gone)));
  };
  return {
    name: `${await browser.version()}`,
    open: (at) => leave(`location.assign(${JSON.stringify(`${home}${at}`)})`),
    reload: () => leave('location.reload()'),
    tap: (role, name) => tapOn(element, role, name),
    type: async (box, text) => {
      const found = await until(box, () => element(byRole('textbox', box)));
      await found.click({ count: 3 });
      await page.keyboard.press('Backspace');
      await found.type(text);
    },
    sees: async (text) =>
      void (await until(String(text), async () => Boolean(await page.evaluate(hasText(text))))),
    give: async (input, file) => {
      const found = await until(input, () => element(byLabel(input)));
      await (found as ElementHandle<HTMLInputElement>).uploadFile(file);
    },
    downloaded: () => journalIn(downloads),
    text: async () => String(await page.evaluate('document.body.innerText')),
    errors: () => errors,
    close: () => browser.close(),
  };
}
