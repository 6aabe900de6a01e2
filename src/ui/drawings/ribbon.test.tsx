import { render } from '@testing-library/react';
import { ThemedPaper } from '../theme/themed-paper';
import { dayRoles, nightRoles } from '../theme/roles';
import { Jar } from './jar';
import { Ribbon } from './ribbon';
import { ribbonClock, ribbonTicks } from './ribbon-ticks';
import { hourMs } from '@/core/duration';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const themed = (node: React.ReactNode) => render(<ThemedPaper roles={dayRoles}>{node}</ThemedPaper>);

describe('the ribbon', () => {
  test('says its window in words', () => {
    const span = { from: now, until: now + 9 * hourMs, fromSoftHours: 2, untilSoftHours: 4 };
    const { getByRole } = themed(
      <Ribbon span={span} now={now} {...ribbonClock(now)} summary="Good from 18:20 until 3:20." />,
    );
    expect(getByRole('img', { name: 'Good from 18:20 until 3:20.' })).toBeTruthy();
  });

  test('labels sit on their own moments and leave room for now', () => {
    const { start, end } = ribbonClock(now);
    const ticks = ribbonTicks(start, end, now);
    expect(ticks.filter(({ label }) => label === 'now')).toEqual([{ at: now, label: 'now' }]);
    for (const { at, label } of ticks) {
      expect(at).toBeGreaterThan(start);
      expect(at).toBeLessThan(end);
      if (label !== 'now') {
        expect(Math.abs(at - now)).toBeGreaterThan(4 * hourMs);
        expect(new Date(at).getHours()).toBe(label === 'midnight' ? 0 : 12);
      }
    }
  });
});

describe('the jar', () => {
  const heightOf = (jarMl: number, levelMl: number) => {
    const { container } = themed(
      <Jar jarMl={jarMl} levelMl={levelMl} markMl={levelMl} liveliness={0.5} label="a jar" />,
    );
    const svg = container.querySelector('svg')!;
    return {
      height: Number(svg.getAttribute('height')),
      surface: Number(svg.querySelector('rect')!.getAttribute('y')),
    };
  };

  test('is drawn to scale: eight times the volume is twice the height, half full is half way', () => {
    expect(heightOf(2000, 500).height / heightOf(250, 60).height).toBeCloseTo(2, 6);
    const [empty, half, full] = [heightOf(700, 0), heightOf(700, 350), heightOf(700, 700)].map(
      ({ surface }) => surface,
    );
    expect(half!).toBeCloseTo((empty! + full!) / 2, 6);
  });
});

describe('colours', () => {
  const light = (hex: string) => {
    const channel = (from: number) => {
      const c = parseInt(hex.slice(from, from + 2), 16) / 255;
      return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    };
    return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
  };
  const contrast = (a: string, b: string) =>
    (Math.max(light(a), light(b)) + 0.05) / (Math.min(light(a), light(b)) + 0.05);

  test.each([
    ['day', dayRoles],
    ['night', nightRoles],
  ] as const)('every text colour of the %s reads on ground and card (AA)', (_, roles) => {
    for (const ink of [
      roles.text,
      roles.softText,
      roles.starter,
      roles.brew,
      roles.bottle,
      roles.good,
      roles.warning,
      roles.danger,
    ]) {
      for (const ground of [roles.ground, roles.card])
        expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5);
    }
    expect(contrast(roles.button, roles.onButton)).toBeGreaterThanOrEqual(4.5);
  });
});
