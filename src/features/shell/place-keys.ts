import { useEffect } from 'react';
import type { PlaceItem } from '@/ui/layout/place-bar';

/** Digits go to the places, unless something is being typed. */
export function usePlaceKeys(places: readonly PlaceItem[], go: (href: string) => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, textarea, [role="dialog"]')
      )
        return;
      const place = places[Number(event.key) - 1];
      if (place) go(place.href);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}
