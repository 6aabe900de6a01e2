import { render } from '@testing-library/react';
import { createRef } from 'react';
import { ThemedPaper } from '../theme/themed-paper';
import { nightRoles } from '../theme/roles';
import { Glass, type GlassHandle } from './glass';

/** The parts of a glass that change, as they are drawn. */
function poured(sweetness: number, volumes: number, abv: number) {
  const glass = createRef<GlassHandle>();
  const { container } = render(
    <ThemedPaper roles={nightRoles}>
      <Glass ref={glass} colour="#aa3355" label="The glass" />
    </ThemedPaper>,
  );
  glass.current!.pour({ sweetness, volumes, abv });
  const [liquid, head] = Array.from(container.querySelectorAll('g rect'));
  const bubbles = container.querySelector('g > path')!.getAttribute('d')!;
  const strength = Array.from(container.querySelectorAll('line')).at(-1)!;
  return {
    depth: Number(liquid!.getAttribute('fill-opacity')),
    bubbles: (bubbles.match(/M/g) ?? []).length,
    foam: Number(head!.getAttribute('height')),
    strengthTop: Number(strength.getAttribute('y1')),
  };
}

describe('a poured glass', () => {
  test('half sweet, two volumes and half of the measure', () => {
    const glass = poured(45, 2, 3);
    expect(glass.depth).toBeCloseTo(0.6, 6);
    expect(glass.bubbles).toBe(22);
    expect(glass.foam).toBeCloseTo(7.2, 6);
    expect(glass.strengthTop).toBe(54);
  });

  test('dry, flat and without alcohol: pale, without bubbles, head or measure', () => {
    expect(poured(0, 0, 0)).toEqual({ depth: 0.3, bubbles: 0, foam: 0, strengthTop: 92 });
  });

  test('more than a glass can show stays within it', () => {
    const glass = poured(400, 9, 12);
    expect(glass.depth).toBeCloseTo(0.9, 6);
    expect([glass.bubbles, glass.foam, glass.strengthTop]).toEqual([44, 16, 16]);
  });
});
