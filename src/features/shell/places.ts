import { later } from '@/ui/lazy/later';

/** The places of the app beside the first page: each a chunk of its own, fetched ahead once the first page stands. */
const brews = () => import('../brews/brews-place');
const starters = () => import('../starters/starters-place');
const rack = () => import('../rack/rack-screen');

export const BrewsPlace = later(async () => (await brews()).BrewsPlace);
export const NewBrewPlace = later(async () => (await brews()).NewBrewPlace);
export const StartersPlace = later(async () => (await starters()).StartersPlace);
export const NewStarterPlace = later(async () => (await starters()).NewStarterPlace);
export const RackScreen = later(async () => (await rack()).RackScreen);

/** Fetches the places while nobody waits, so that a tap finds them there. */
export function fetchPlaces(): () => void {
  const timer = setTimeout(() => void Promise.allSettled([brews(), starters(), rack()]), 2500);
  return () => clearTimeout(timer);
}
