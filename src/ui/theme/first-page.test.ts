/** @jest-environment node */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { wideFrom } from './shape';
import { day, night } from './tokens';

const page = readFileSync(path.join(__dirname, '../../../public/index.html'), 'utf8');
const coloursIn = (css: string) => [...css.matchAll(/#[0-9A-F]{6}/gi)].map(([colour]) => colour);

describe('what stands in before the scripts are there', () => {
  test('the colours of day, and after the dark query those of night', () => {
    const rules = page.split('\n').filter((line) => /#shell|#root|html, body/.test(line));
    const dark = rules.filter((line) => line.includes('dark'));
    const light = rules.filter((line) => !line.includes('dark'));
    expect(coloursIn(light.join())).toEqual([day.paper, day.ink, day.raised, day.line]);
    expect(new Set(coloursIn(dark.join()))).toEqual(
      new Set([night.ink, night.raised, night.line, night.glass, night.paper]),
    );
  });

  test('its frame turns where the app’s does', () => {
    expect(page).toContain(`@media (min-width: ${wideFrom}px)`);
  });
});
