import { act, render } from '@testing-library/react';
import { Hand, useRested, useRiding } from './hand';

jest.useFakeTimers();

describe('a hand on the clock', () => {
  test('tells its followers of another hour, once, and not of the same again', () => {
    const hand = new Hand();
    const follower = jest.fn();
    const stop = hand.follow(follower);
    hand.hold(5);
    hand.hold(5);
    expect([hand.chosen(), follower.mock.calls.length]).toEqual([5, 1]);
    stop();
    hand.hold(6);
    expect([hand.chosen(), follower.mock.calls.length]).toEqual([6, 1]);
  });

  test('what rides is drawn at every move without a render, and again after each render', () => {
    const hand = new Hand();
    const drawn: (number | null)[] = [];
    let renders = 0;
    function Rider() {
      renders += 1;
      useRiding(hand, (hour) => drawn.push(hour));
      return null;
    }
    const { rerender } = render(<Rider />);
    act(() => [7, 8, 9].forEach((hour) => hand.hold(hour)));
    expect([renders, drawn]).toEqual([1, [null, 7, 8, 9]]);
    rerender(<Rider />);
    expect(drawn).toEqual([null, 7, 8, 9, 9]);
  });

  test('what is costly follows when the hand has not moved from one look to the next', () => {
    const hand = new Hand();
    const shown: (number | null)[] = [];
    function Lanes() {
      shown.push(useRested(hand));
      return null;
    }
    render(<Lanes />);
    // Looked at every 150 ms; each time it has moved on.
    for (const hour of [3, 4, 5]) {
      act(() => hand.hold(hour));
      act(() => jest.advanceTimersByTime(140));
    }
    act(() => jest.advanceTimersByTime(20));
    expect(shown).toEqual([null]);
    act(() => jest.advanceTimersByTime(100));
    expect(shown.at(-1)).toBe(5);
    act(() => hand.hold(9));
    act(() => jest.advanceTimersByTime(151));
    expect(shown.at(-1)).toBe(9);
  });
});
