import { fireEvent, render, screen } from '@testing-library/react';
import { createRef, useState } from 'react';
import { TimeHandle, type TimeHandleRef } from '../charts/time-handle';
import { HeadroomBar } from '../drawings/headroom-bar';
import { Bottle } from '../drawings/bottle';
import { PlaceBar } from '../layout/place-bar';
import { ThemedPaper } from '../theme/themed-paper';
import { nightRoles } from '../theme/roles';
import { touch } from '../theme/shape';
import { type } from '../theme/type';
import { Choice } from './choice';
import { InkButton } from './ink-button';
import { Note } from './note';
import { Sheet } from './sheet';
import { TickList } from './tick-list';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

const themed = (node: React.ReactNode) => render(<ThemedPaper roles={nightRoles}>{node}</ThemedPaper>);

describe('controls', () => {
  test('a choice is a radio group that says what is chosen', () => {
    const Feels = () => {
      const [value, setValue] = useState<string | null>(null);
      return (
        <Choice
          label="Squeeze"
          options={[
            { value: 'soft', label: 'Soft' },
            { value: 'firm', label: 'Firm' },
          ]}
          value={value}
          onChange={setValue}
        />
      );
    };
    themed(<Feels />);
    const firm = screen.getByRole('radio', { name: 'Firm' });
    expect(firm.getAttribute('aria-checked')).toBe('false');
    fireEvent.click(firm);
    expect(firm.getAttribute('aria-checked')).toBe('true');
    expect(screen.getByRole('radio', { name: 'Soft' }).getAttribute('aria-checked')).toBe('false');
    expect(screen.getByRole('radiogroup', { name: 'Squeeze' })).toBeTruthy();
  });

  test('a list to tick off says what is ticked, once a row, and takes a tap anywhere on it', () => {
    const pressed = jest.fn();
    themed(
      <TickList
        label="To buy"
        options={[
          { value: 'ginger', label: 'Ginger, 250 g' },
          { value: 'sugar', label: 'Sugar, 1 kg' },
        ]}
        isOn={(value) => value === 'sugar'}
        onPress={pressed}
      />,
    );
    const boxes = screen.getAllByRole('checkbox');
    expect(boxes.map((box) => [box.getAttribute('aria-label'), box.getAttribute('aria-checked')])).toEqual([
      ['Ginger, 250 g', 'false'],
      ['Sugar, 1 kg', 'true'],
    ]);
    fireEvent.click(screen.getByText('Ginger, 250 g'));
    expect(pressed.mock.calls).toEqual([['ginger']]);
  });

  test('a button says its hint, and a disabled one does nothing', () => {
    const pressed = jest.fn();
    themed(
      <>
        <InkButton label="Fed" hint="Fed Nib" onPress={pressed} shortcut="F" />
        <InkButton label="Off" onPress={pressed} disabled quiet danger />
      </>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Fed Nib' }));
    fireEvent.click(screen.getByRole('button', { name: 'Off' }));
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  test('only a danger interrupts a screen reader', () => {
    themed(
      <>
        <Note tone="danger">It may burst.</Note>
        <Note tone="caution">Mind the cap.</Note>
        <Note tone="plain">All here already.</Note>
      </>,
    );
    expect(screen.getAllByRole('alert')).toHaveLength(1);
    expect(screen.getByRole('alert').textContent).toContain('It may burst.');
  });

  test('a sheet is a named dialog that closes', () => {
    const closed = jest.fn();
    themed(
      <Sheet title="Feed Nib" onClose={closed}>
        <Note tone="plain">12 g</Note>
      </Sheet>,
    );
    expect(screen.getByRole('dialog', { name: 'Feed Nib' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(closed).toHaveBeenCalled();
  });

  test('the bar names its places and says which one is on view', () => {
    themed(
      <PlaceBar
        items={[
          { href: '/', label: 'Today', icon: 'today' },
          { href: '/rack', label: 'Rack', icon: 'rack' },
        ]}
        here="/"
        upright={false}
      />,
    );
    expect(screen.getByRole('link', { name: 'Today' }).getAttribute('aria-current')).toBe('page');
    const rack = screen.getByRole('link', { name: 'Rack' });
    expect(rack.getAttribute('href')).toMatch(/^http.*\/rack$/);
    // A tab or a window of its own is the browser's to open.
    for (const key of ['ctrlKey', 'metaKey', 'shiftKey']) fireEvent.click(rack, { [key]: true });
    expect(mockNavigate).not.toHaveBeenCalled();
    expect(fireEvent.click(rack)).toBe(false);
    expect(mockNavigate.mock.calls).toEqual([['/rack']]);
  });

  test('nothing to read is below 16, nothing to press below 48', () => {
    for (const [name, { fontSize }] of Object.entries(type))
      if (name !== 'label') expect(fontSize).toBeGreaterThanOrEqual(16);
    expect(touch).toBeGreaterThanOrEqual(48);
  });
});

describe('the handle on the clock', () => {
  const handle = (onStep: (hours: number) => void, onDrag = jest.fn()) => {
    const knob = createRef<TimeHandleRef>();
    themed(
      <TimeHandle
        ref={knob}
        height={300}
        label="Chill here"
        min={30}
        max={90}
        onDrag={onDrag}
        onStep={onStep}
        color={nightRoles.brew}
      />,
    );
    knob.current!.move(100);
    knob.current!.say(40.4, 'tomorrow 3:00');
    return screen.getByRole('slider', { name: 'Chill here' });
  };

  test('is a slider that says its moment in words', () => {
    const slider = handle(() => undefined);
    expect(slider.getAttribute('aria-valuetext')).toBe('tomorrow 3:00');
    expect(
      ['aria-valuenow', 'aria-valuemin', 'aria-valuemax'].map((name) => slider.getAttribute(name)),
    ).toEqual(['40', '30', '90']);
    expect(slider.getAttribute('tabindex')).toBe('0');
    // Its middle stands at the pixel it was moved to: the knob is 48 wide.
    expect(slider.parentElement!.style.transform).toBe('translateX(76px)');
  });

  test.each([
    ['ArrowRight', false, 1],
    ['ArrowLeft', false, -1],
    ['ArrowRight', true, 6],
    ['PageUp', false, 12],
    ['PageDown', false, -12],
    ['Home', false, -Infinity],
    ['End', false, Infinity],
  ])('%s (shift %s) steps %d hours', (key, shiftKey, hours) => {
    const onStep = jest.fn();
    fireEvent.keyDown(handle(onStep), { key, shiftKey });
    expect(onStep).toHaveBeenCalledWith(hours);
  });

  test('other keys are left alone', () => {
    const onStep = jest.fn();
    fireEvent.keyDown(handle(onStep), { key: 'a' });
    expect(onStep).not.toHaveBeenCalled();
  });
});

describe('instruments', () => {
  const barWidth = (share: number, edge: number) => {
    const { container } = themed(<HeadroomBar share={share} edge={edge} label="headroom" />);
    return Array.from(container.querySelectorAll('rect')).map((rect) => Number(rect.getAttribute('width')));
  };

  test('the headroom bar fills with the share of the limit, and never spills', () => {
    const [, edge, middle] = barWidth(0.5, 0.75);
    expect(edge! / middle!).toBeCloseTo(1.5, 6);
    const [frame, full] = barWidth(0.9, 3);
    expect(full!).toBeLessThan(frame!);
  });

  test('a fuller bottle has its surface higher, a larger one is taller, an opened one has no cap', () => {
    const draw = (props: { headspaceMl: number; bottleMl: number; open?: boolean }) => {
      const { container } = themed(<Bottle number="1" volumes={2} label="a bottle" {...props} />);
      const svg = container.querySelector('svg')!;
      return {
        surface: Number(svg.querySelector('rect')!.getAttribute('y')),
        height: Number(svg.getAttribute('height')),
        lines: svg.querySelectorAll('line').length,
      };
    };
    const [full, low, large, open] = [
      draw({ headspaceMl: 10, bottleMl: 500 }),
      draw({ headspaceMl: 60, bottleMl: 500 }),
      draw({ headspaceMl: 20, bottleMl: 1000 }),
      draw({ headspaceMl: 20, bottleMl: 500, open: true }),
    ];
    expect(full.surface).toBeLessThan(low.surface);
    expect(large.height / full.height).toBeCloseTo(Math.cbrt(2), 6);
    expect([full.lines, open.lines]).toEqual([1, 0]);
  });
});
