import { startTransition, useEffect, useLayoutEffect, useState } from 'react';

/**
 * The hour a hand holds on the clock, outside React: the few parts that ride with the hand are drawn at each move without a
 * render, so that a slow phone keeps every frame.
 */
export class Hand {
  private held: number | null = null;
  /** Where the hand took hold: a drag is counted from there. */
  gripped = 0;
  private readonly followers = new Set<() => void>();

  /** The hour chosen so far; null before anything was. */
  readonly chosen = (): number | null => this.held;

  readonly follow = (follower: () => void): (() => void) => {
    this.followers.add(follower);
    return () => void this.followers.delete(follower);
  };

  grip(hour: number): void {
    this.gripped = hour;
  }

  hold(hour: number): void {
    if (hour === this.held) return;
    this.held = hour;
    this.followers.forEach((follower) => follower());
  }
}

/** Draws at every move, past React, and after each render, since that puts back what React knows. */
export function useRiding(hand: Hand, draw: (chosen: number | null) => void): void {
  useLayoutEffect(() => {
    draw(hand.chosen());
    return hand.follow(() => draw(hand.chosen()));
  });
}

/** What is costly to draw waits until the hand has rested so long. */
export const restMs = 250;

/** The chosen hour once the hand has rested for a while. */
export function useRested(hand: Hand): number | null {
  const [rested, setRested] = useState(hand.chosen);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const stop = hand.follow(() => {
      clearTimeout(timer);
      // In slices, so that a hand that moves on meanwhile is not held up.
      timer = setTimeout(() => startTransition(() => setRested(hand.chosen())), restMs);
    });
    return () => {
      stop();
      clearTimeout(timer);
    };
  }, [hand]);
  return rested;
}
