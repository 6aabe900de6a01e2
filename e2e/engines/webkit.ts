import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Builder, Capabilities, type WebElement } from 'selenium-webdriver';
import { byLabel, byRole, finder, hasText, journalIn, letsGo, tapOn, until, type Engine } from './engine';
import { listening } from './listening';

const port = 4377;
const display = ':97';

/** Debian's WebKitGTK over its own driver, on a screen that nobody sees. */
export async function webkit(driverPath: string, browserPath: string, server: string): Promise<Engine> {
  const { home, heard, close } = await listening(server);
  // What is downloaded lands in the home folder.
  const folder = mkdtempSync(path.join(tmpdir(), 'yuzet-webkit-'));
  const screen = spawn('Xvfb', [display, '-screen', '0', '1280x1024x24'], { stdio: 'ignore' });
  await until('a screen', async () => existsSync(`/tmp/.X11-unix/X${display.slice(1)}`));
  const driver = spawn(driverPath, [`--port=${port}`], {
    stdio: 'ignore',
    env: {
      ...process.env,
      HOME: folder,
      DISPLAY: display,
      LANG: 'en_GB.UTF-8',
      WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1',
      WEBKIT_DISABLE_COMPOSITING_MODE: '1',
      LIBGL_ALWAYS_SOFTWARE: '1',
    },
  });
  await until('the driver', () => fetch(`http://localhost:${port}/status`).then(({ ok }) => ok));
  const page = await new Builder()
    .disableEnvironmentOverrides()
    .usingServer(`http://localhost:${port}`)
    .withCapabilities(
      new Capabilities({
        browserName: 'MiniBrowser',
        'webkitgtk:browserOptions': { binary: browserPath, args: ['--automation'] },
      }),
    )
    .build();
  await page.manage().window().setRect({ width: 390, height: 900 });
  const ask = (expression: string) => page.executeScript(`return ${expression}`);
  const element = async (expression: string) => {
    if (!(await ask('"TestingLibraryDom" in window'))) await page.executeScript(finder);
    return await page.executeScript<WebElement | null>(`return ${expression}`);
  };
  /** The driver says yes for one to the page's question, and what is not on disk would be lost. */
  const letGo = () => until('leave', async () => Boolean(await ask(letsGo)));
  return {
    name: `WebKit ${(await page.getCapabilities()).get('browserVersion')}`,
    open: async (at) => {
      await letGo();
      await page.get(`${home}${at}`);
    },
    reload: async () => {
      await letGo();
      await page.navigate().refresh();
    },
    tap: (role, name) => tapOn(element, role, name),
    type: async (box, text) => {
      const found = await until(box, () => element(byRole('textbox', box)));
      await page.executeScript('arguments[0].select()', found);
      await found.sendKeys(text);
    },
    sees: async (text) => void (await until(String(text), async () => Boolean(await ask(hasText(text))))),
    give: async (input, file) => (await until(input, () => element(byLabel(input)))).sendKeys(file),
    downloaded: () => journalIn(folder),
    text: async () => String(await ask('document.body.innerText')),
    errors: () => heard,
    close: async () => {
      await page.quit();
      driver.kill();
      screen.kill();
      await close();
    },
  };
}
