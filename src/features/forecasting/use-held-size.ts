import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';
import { restyle, sizeOf } from '@/ui/redraw';
import type { DragController } from './drag-controller';

/** A card keeps its size while the hand moves, so that the browser lays out that card alone and not the page around it. */
export function useHeldSize(card: RefObject<View | null>, hand: DragController): void {
  useEffect(() => {
    let held = false;
    const release = () => {
      held = false;
      restyle(card.current, { width: '', height: '', contain: '' });
    };
    const hold = () => {
      if (!held) restyle(card.current, { ...sizeOf(card.current), contain: 'strict' });
      held = true;
    };
    // At the grip already, so that the first move costs no more than the others.
    const stopGripping = hand.gripping(hold);
    const stopFollowing = hand.follow(hold);
    const stopResting = hand.rest(release);
    return () => {
      stopGripping();
      stopFollowing();
      stopResting();
      release();
    };
  }, [card, hand]);
}
