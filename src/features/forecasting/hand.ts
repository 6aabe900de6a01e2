import { startTransition, useEffect, useLayoutEffect, useState } from 'react';

type Follower = () => void;

/** A hand rests that has not moved from one look to the next, so far apart. */
const restMs = 250;

/** Nobody reads words that change at every frame: at every other, the handle itself keeps all of them on a slow phone. */
export const readableMs = 25;

const joined = (crowd: Set<Follower>, follower: Follower): (() => void) => {
  crowd.add(follower);
  return () => void crowd.delete(follower);
};

/**
 * The hour a hand holds on the clock, outside React: the few parts that ride with the hand are drawn at each move without a
 * render, so that a slow phone keeps every frame.
 */
export class Hand {
  private held: number | null = null;
  private moves = 0;
  private waiting = false;
  /** Where the hand took hold: a drag is counted from there. */
  gripped = 0;
  private readonly grippers = new Set<Follower>();
  private readonly followers = new Set<Follower>();
  private readonly resters = new Set<Follower>();

  /** The hour chosen so far; null before anything was. */
  readonly chosen = (): number | null => this.held;

  /** Told when it takes hold, a moment before it moves. @returns what ends it */
  readonly gripping = (gripper: Follower): (() => void) => joined(this.grippers, gripper);

  /** Told at every move. @returns what ends it */
  readonly follow = (follower: Follower): (() => void) => joined(this.followers, follower);

  /** Told when the hand has rested. @returns what ends it */
  readonly rest = (rester: Follower): (() => void) => joined(this.resters, rester);

  grip(hour: number): void {
    this.gripped = hour;
    this.grippers.forEach((gripper) => gripper());
    if (!this.waiting) this.wait();
  }

  hold(hour: number): void {
    if (hour === this.held) return;
    this.held = hour;
    this.moves += 1;
    this.followers.forEach((follower) => follower());
    if (!this.waiting) this.wait();
  }

  /** Looks from time to time whether it moved since: a timer set again at each move would cost more than the move. */
  private wait(): void {
    this.waiting = true;
    const { moves } = this;
    setTimeout(() => {
      if (moves !== this.moves) return this.wait();
      this.waiting = false;
      this.resters.forEach((rester) => rester());
    }, restMs);
  }
}

/**
 * Draws as the hand moves, past React, and after each render, since that puts back what React knows.
 *
 * @param apartMs least time between two drawings: 0 for at every move. The last move is always drawn
 */
export function useRiding(hand: Hand, draw: (chosen: number | null) => void, apartMs = 0): void {
  useLayoutEffect(() => {
    draw(hand.chosen());
    let drawnAt = performance.now();
    let frame = 0;
    const drawn = () => {
      const now = performance.now();
      if (now - drawnAt < apartMs) frame = requestAnimationFrame(drawn);
      else {
        frame = 0;
        drawnAt = now;
        draw(hand.chosen());
      }
    };
    const stop = hand.follow(() => {
      if (frame === 0) drawn();
    });
    return () => {
      stop();
      cancelAnimationFrame(frame);
    };
  });
}

/** The chosen hour once the hand has rested for a while. */
export function useRested(hand: Hand): number | null {
  const [rested, setRested] = useState(hand.chosen);
  // In slices, so that a hand that moves on meanwhile is not held up.
  useEffect(() => hand.rest(() => startTransition(() => setRested(hand.chosen()))), [hand]);
  return rested;
}
