import { startTransition, useEffect, useLayoutEffect, useState } from 'react';

type Follower = () => void;

/** A hand rests that has not moved from one look to the next, so far apart. */
const restMs = 250;

const joined = (crowd: Set<Follower>, follower: Follower): (() => void) => {
  crowd.add(follower);
  return () => void crowd.delete(follower);
};

/**
 * The hour a hand holds on the clock, outside React: the few parts that ride with the hand are drawn at each move without a
 * render, so that a slow phone keeps every frame.
 */
export class DragController {
  private held: number | null = null;
  private moves = 0;
  private waiting = false;
  /** Where the hand took hold: a drag is counted from there. */
  gripped = 0;
  private readonly grippers = new Set<Follower>();
  private readonly followers = new Set<Follower>();
  private readonly resters = new Set<Follower>();
  private takers: readonly Follower[] = [];
  private turn = 0;
  private due = 0;
  private frame = 0;

  /** The hour chosen so far; null before anything was. */
  readonly chosen = (): number | null => this.held;

  /** Told when it takes hold, a moment before it moves. @returns what ends it */
  readonly gripping = (gripper: Follower): (() => void) => joined(this.grippers, gripper);

  /** Told at every move. @returns what ends it */
  readonly follow = (follower: Follower): (() => void) => joined(this.followers, follower);

  /**
   * Told of moves in turn with others, one of them at a frame: drawn together they would take a slow phone longer than a frame.
   * After the last move each of them is told once more. @returns what ends it
   */
  readonly takeTurns = (taker: Follower): (() => void) => {
    this.takers = [...this.takers, taker];
    return () => void (this.takers = this.takers.filter((each) => each !== taker));
  };

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
    this.due = this.takers.length;
    if (this.frame === 0) this.frame = requestAnimationFrame(this.nextTurn);
    if (!this.waiting) this.wait();
  }

  private readonly nextTurn = (): void => {
    this.turn = (this.turn + 1) % Math.max(1, this.takers.length);
    this.takers[this.turn]?.();
    this.due -= 1;
    this.frame = this.due > 0 ? requestAnimationFrame(this.nextTurn) : 0;
  };

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

/** Draws at each move, past React, and after each render, since that puts back what React knows. */
export function useRiding(hand: DragController, draw: (chosen: number | null) => void): void {
  useLayoutEffect(() => {
    draw(hand.chosen());
    return hand.follow(() => draw(hand.chosen()));
  });
}

/** The same for several parts that nobody reads at every frame: they are drawn in turn. */
export function useRidingInTurn(
  hand: DragController,
  parts: readonly ((chosen: number | null) => void)[],
): void {
  useLayoutEffect(() => {
    const ends = parts.map((draw) => {
      draw(hand.chosen());
      return hand.takeTurns(() => draw(hand.chosen()));
    });
    return () => ends.forEach((end) => end());
  });
}

/** The chosen hour once the hand has rested for a while. */
export function useRested(hand: DragController): number | null {
  const [rested, setRested] = useState(hand.chosen);
  // In slices, so that a hand that moves on meanwhile is not held up.
  useEffect(() => hand.rest(() => startTransition(() => setRested(hand.chosen()))), [hand]);
  return rested;
}
