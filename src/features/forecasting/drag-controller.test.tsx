import { act, render } from '@testing-library/react';
import { DragController, useRested, useRiding, useRidingInTurn } from './drag-controller';

jest.useFakeTimers();

describe('a hand on the clock', () => {
  test('tells its followers of another hour, once, and not of the same again', () => {
    const hand = new DragController();
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
    const hand = new DragController();
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

  test('what need not ride at every move is drawn in turn, one part at a frame, and each part after the last move', () => {
    const hand = new DragController();
    const drawn: string[] = [];
    function Riders() {
      useRidingInTurn(hand, [
        (chosen) => drawn.push(`a${chosen}`),
        (chosen) => drawn.push(`b${chosen}`),
        (chosen) => drawn.push(`c${chosen}`),
      ]);
      return null;
    }
    const { unmount } = render(<Riders />);
    expect(drawn.splice(0)).toEqual(['anull', 'bnull', 'cnull']);
    hand.hold(1);
    hand.hold(2);
    expect(drawn).toEqual([]);
    jest.advanceTimersByTime(16);
    jest.advanceTimersByTime(16);
    expect(drawn.splice(0)).toEqual(['b2', 'c2']);
    hand.hold(3);
    for (let frames = 0; frames < 8; frames++) jest.advanceTimersByTime(16);
    expect(drawn.splice(0)).toEqual(['a3', 'b3', 'c3']);
    hand.hold(4);
    unmount();
    for (let frames = 0; frames < 4; frames++) jest.advanceTimersByTime(16);
    expect(drawn).toEqual([]);
  });

  test('a grip is told before anything moves, and one that lets go again is a rest', () => {
    const hand = new DragController();
    const told: string[] = [];
    const ends = [
      hand.gripping(() => told.push('grip')),
      hand.follow(() => told.push('move')),
      hand.rest(() => told.push('rest')),
    ];
    hand.grip(7);
    expect([hand.gripped, hand.chosen(), told]).toEqual([7, null, ['grip']]);
    jest.advanceTimersByTime(251);
    expect(told).toEqual(['grip', 'rest']);
    ends.forEach((end) => end());
    hand.grip(8);
    hand.hold(9);
    jest.advanceTimersByTime(600);
    expect(told).toEqual(['grip', 'rest']);
  });

  test('what is costly follows when the hand has not moved from one look to the next', () => {
    const hand = new DragController();
    const shown: (number | null)[] = [];
    function Lanes() {
      shown.push(useRested(hand));
      return null;
    }
    render(<Lanes />);
    // Looked at every 250 ms; each time it has moved on.
    for (const hour of [3, 4, 5]) {
      act(() => hand.hold(hour));
      act(() => jest.advanceTimersByTime(240));
    }
    act(() => jest.advanceTimersByTime(20));
    expect(shown).toEqual([null]);
    act(() => jest.advanceTimersByTime(100));
    expect(shown.at(-1)).toBe(5);
    act(() => hand.hold(9));
    act(() => jest.advanceTimersByTime(251));
    expect(shown.at(-1)).toBe(9);
  });
});
