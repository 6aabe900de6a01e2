import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';
import { sizeOf, restyle } from '@/ui/redraw';
import { restMs, type Hand } from './hand';

/** A card keeps its size while the hand moves, so that the browser lays out that card alone and not the page around it. */
export function useHeldSize(card: RefObject<View | null>, hand: Hand): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null;
    const release = () => {
      timer = null;
      restyle(card.current, { width: '', height: '', contain: '' });
    };
    const stop = hand.follow(() => {
      if (timer) clearTimeout(timer);
      else restyle(card.current, { ...sizeOf(card.current), contain: 'strict' });
      timer = setTimeout(release, restMs);
    });
    return () => {
      stop();
      if (timer) clearTimeout(timer);
      release();
    };
  }, [card, hand]);
}
