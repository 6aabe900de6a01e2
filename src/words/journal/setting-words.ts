import { format } from 'date-fns/format';
import { capital } from '@/core/capital';
import type { Household } from '@/core/journal/household';
import { ingredientOf, isIngredient } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import type { SettingFor, SettingOf, Thing } from '@/core/settings/settings';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { number } from '../amounts';
import { nameOfLot, placeWords } from '../names';
import { duration } from '../moment';
import { hourMs } from '@/core/duration';

const day = (instant: number) => format(instant, 'd MMM');
const time = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
const ingredient = (what: string) => ingredientOf(what).name;
/** Soda from a shop has a price as well. */
const priced = (what: string) => (isIngredient(what) ? ingredient(what) : 'Soda from a shop');
const isSolid = (what: string) => isIngredient(what) && !isPoured(what);

type Words<T extends Thing> = readonly [
  set: (value: SettingOf<T>, key: string, household: Household) => string,
  gone: (key: string, household: Household) => string,
];

/** For each thing, what its ledger says when it is set and when it is taken out. */
const words: { readonly [T in Thing]: Words<T> } = {
  'alcohol-ceiling': [
    ({ percent }) => (percent > 0 ? `No drink above ${number(percent)} % alcohol` : 'No limit for alcohol'),
    () => 'No limit for alcohol',
  ],
  away: [({ from, to }) => `Away from ${day(from)} to ${day(to)}`, () => 'At home after all'],
  'build-up': [
    ({ amount, at }, lotId, household) =>
      `${nameOfLot(lotId, household)} built up: ${number(amount)} wanted on ${day(at)}`,
    (lotId, household) => `${nameOfLot(lotId, household)} is not built up after all`,
  ],
  caution: [
    ({ caution }) => `Glass handled with ${caution === 'usual' ? 'usual' : 'more'} care`,
    () => 'Glass handled with more care',
  ],
  ingredient: [
    ({ id }) => `Ingredient described: ${ingredient(id)}`,
    (name) => `Ingredient taken out: ${capital(name)}`,
  ],
  pantry: [(_, what) => `${ingredient(what)} is in the house`, (what) => `${ingredient(what)} is used up`],
  person: [
    ({ name, stopsAt }) => (stopsAt === null ? name : `${name} stops at ${number(stopsAt)} g/L`),
    () => 'Somebody was taken off the list',
  ],
  price: [
    ({ each }, what) => `${priced(what)} costs ${each.toFixed(2)} a ${isSolid(what) ? 'kilogram' : 'litre'}`,
    (what) => `${priced(what)} has no price`,
  ],
  recipe: [({ name, version }) => `Recipe ${name}, version ${version}`, () => 'A recipe was taken out'],
  school: [() => 'How it is kept was changed', () => 'Kept as usual again'],
  spell: [
    ({ place, celsius, from, to }) =>
      `${capital(placeWords[place])} ${number(celsius)} °C from ${day(from)} to ${day(to)}`,
    () => 'A hot or cold spell was taken out',
  ],
  stock: [
    ({ count, kind, ml }) => `${vesselKind(kind).name}, ${Math.round(ml)} ml: ${number(count)} in all`,
    () => 'A make of bottles was taken out',
  ],
  timer: [
    ({ label, from, until }) => `Timer: ${label}, ${duration((until - from) / hourMs)}`,
    () => 'Timer stopped',
  ],
  waking: [({ from, to }) => `Up from ${time(from)} to ${time(to)}`, () => 'Waking hours as usual'],
};

/** A setting as the journal tells it. */
export function settingWords<T extends Thing>(
  { thing, key, value }: SettingFor<T>,
  household: Household,
): string {
  const [set, gone] = words[thing];
  return value === null ? gone(key, household) : set(value, key, household);
}
