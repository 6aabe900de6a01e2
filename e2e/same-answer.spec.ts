import { expect, test } from '@playwright/test';
import { quickStepper } from '../src/core/ferment/run/compiled/compile.ts';
import { answerFamily } from '../src/core/forecast/answer/family-answer.ts';
import type { FamilyQuestion } from '../src/core/forecast/question/family-question.ts';
import { demoAt } from './kitchen';

declare global {
  interface Window {
    readonly heard: readonly Heard[];
  }
}

interface Heard {
  readonly question: FamilyQuestion;
  readonly answer: string;
}

/** Largest difference of any two numbers, as a share of them and one; infinite where anything else differs. */
function farthest(a: unknown, b: unknown): number {
  if (typeof a === 'number' && typeof b === 'number') return Math.abs(a - b) / (1 + Math.abs(a));
  if (typeof a !== 'object' || typeof b !== 'object' || !a || !b) return a === b ? 0 : Infinity;
  const keys = Object.keys(a);
  if (keys.join() !== Object.keys(b).join()) return Infinity;
  return keys.reduce((most, key) => Math.max(most, farthest(Reflect.get(a, key), Reflect.get(b, key))), 0);
}

// Waking hours are those of the page's own clock.
const zone = process.env.TZ;
test.beforeAll(() => void (process.env.TZ = 'Europe/Lisbon'));
test.afterAll(() => {
  if (zone === undefined) delete process.env.TZ;
  else process.env.TZ = zone;
});

test('what the app’s worker answers is what the command line answers', async ({ page }) => {
  // Listens to what the page asks its worker, and to what comes back.
  await page.addInitScript(() => {
    const heard: { question: unknown; answer: string }[] = [];
    const asked = new Map<string, unknown>();
    Object.assign(window, { heard });
    const Real = window.Worker;
    window.Worker = class extends Real {
      constructor(...from: ConstructorParameters<typeof Worker>) {
        super(...from);
        this.addEventListener('message', ({ data }) => {
          if (asked.has(data?.id))
            heard.push({ question: asked.get(data.id), answer: JSON.stringify(data.value) });
        });
      }
      override postMessage(message: { id: string; path?: string[]; argumentList?: { value: unknown }[] }) {
        if (message?.path?.[0] === 'family') asked.set(message.id, message.argumentList?.[0]?.value);
        super.postMessage(message);
      }
    };
  });
  await page.goto(demoAt('/'));
  await page.waitForFunction(() => window.heard.length > 1);
  const heard = await page.evaluate(() => window.heard.slice(0, 2));
  const stepper = quickStepper();
  for (const { question, answer } of heard) {
    expect(question.family.root.members).toBeGreaterThan(10);
    const mine: unknown = JSON.parse(JSON.stringify(answerFamily(question, stepper, null).answer));
    // Two engines differ by the last digits of a logarithm; one gives the same bytes twice.
    expect(farthest(mine, JSON.parse(answer))).toBeLessThan(1e-9);
    expect(answerFamily(question, stepper, null).answer).toEqual(
      answerFamily(question, quickStepper(), null).answer,
    );
  }
});
