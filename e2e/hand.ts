import type { Locator, Page } from '@playwright/test';

/** A hand that counts: every tap and every key it needs. */
export class Hand {
  taps = 0;
  keys = 0;

  constructor(private readonly page: Page) {}

  async tap(on: Locator) {
    await on.click();
    this.taps += 1;
  }

  /** Types where the cursor stands. A letter is a key, and so is Enter, written as a line break. */
  async type(text: string) {
    for (const letter of text)
      await this.page.keyboard.press(letter === '\n' ? 'Enter' : letter === ' ' ? 'Space' : letter);
    this.keys += text.length;
  }

  /** Begins to count anew. */
  reset() {
    this.taps = 0;
    this.keys = 0;
  }
}
