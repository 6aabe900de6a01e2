import { format } from 'date-fns/format';
import { capital } from '@/core/capital';
import type { Household } from '@/core/journal/household';
import { ingredientOf, isIngredient } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import type { SettingFor, SettingOf, Thing } from '@/core/settings/settings';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { litres, number } from '../amounts';
import { nameOfLot, placeWords } from '../names';
import { duration } from '../moment';
import { hourMs } from '@/core/duration';
import { plural, t } from '@/core/language/t';

const day = (instant: number) => format(instant, 'd MMM');
const time = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
const ingredient = (what: string) => ingredientOf(what).name;
/** Soda from a shop has a price as well. */
const priced = (what: string) => (isIngredient(what) ? ingredient(what) : t`Soda from a shop`);
const isSolid = (what: string) => isIngredient(what) && !isPoured(what);

type Words<T extends Thing> = readonly [
  set: (value: SettingOf<T>, key: string, household: Household) => string,
  gone: (key: string, household: Household) => string,
];

/** For each thing, what its ledger says when it is set and when it is taken out. */
const words: { readonly [T in Thing]: Words<T> } = {
  'alcohol-ceiling': [
    ({ percent }) => (percent > 0 ? t`No drink above ${number(percent)} % alcohol` : t`No limit for alcohol`),
    () => t`No limit for alcohol`,
  ],
  away: [({ from, to }) => t`Away from ${day(from)} to ${day(to)}`, () => t`At home after all`],
  'build-up': [
    ({ amount, at }, lotId, household) =>
      t`${nameOfLot(lotId, household)} built up: ${number(amount)} wanted on ${day(at)}`,
    (lotId, household) => t`${nameOfLot(lotId, household)} is not built up after all`,
  ],
  busy: [
    ({ spans }) => t`${plural(spans.length, 'busy time')} read from a calendar`,
    () => t`No calendar is minded`,
  ],
  caution: [
    ({ caution }) => t`Glass handled with ${caution === 'usual' ? t`usual` : t`more`} care`,
    () => t`Glass handled with more care`,
  ],
  'fridge-room': [
    ({ bottles }) => t`${plural(bottles, 'bottle')} fit in the fridge`,
    () => t`Room enough in the fridge`,
  ],
  ingredient: [
    ({ id }) => t`Ingredient described: ${ingredient(id)}`,
    (name) => t`Ingredient taken out: ${capital(name)}`,
  ],
  pantry: [(_, what) => t`${ingredient(what)} is in the house`, (what) => t`${ingredient(what)} is used up`],
  person: [
    ({ name, stopsAt }) => (stopsAt === null ? name : t`${name} stops at ${number(stopsAt)} g/L`),
    () => t`Somebody was taken off the list`,
  ],
  price: [
    ({ each }, what) =>
      t`${priced(what)} costs ${each.toFixed(2)} a ${isSolid(what) ? t`kilogram` : t`litre`}`,
    (what) => t`${priced(what)} has no price`,
  ],
  recipe: [({ name, version }) => t`Recipe ${name}, version ${version}`, () => t`A recipe was taken out`],
  school: [() => t`How it is kept was changed`, () => t`Kept as usual again`],
  spell: [
    ({ place, celsius, from, to }) =>
      t`${capital(placeWords[place])} ${number(celsius)} °C from ${day(from)} to ${day(to)}`,
    () => t`A hot or cold spell was taken out`,
  ],
  stock: [
    ({ count, kind, ml }) => t`${vesselKind(kind).name}, ${Math.round(ml)} ml: ${number(count)} in all`,
    () => t`A make of bottles was taken out`,
  ],
  timer: [
    ({ label, from, until }) => t`Timer: ${label}, ${duration((until - from) / hourMs)}`,
    () => t`Timer stopped`,
  ],
  working: [
    ({ weekdays, from, to }) =>
      weekdays.length === 0
        ? t`Nobody is at work`
        : t`At work on ${plural(weekdays.length, 'day')} a week, ${time(from)} to ${time(to)}`,
    () => t`Nobody is at work`,
  ],
  wish: [
    ({ ml, by, standing }) =>
      standing?.kind === 'stock'
        ? t`${litres(ml)} wished for, always cold`
        : standing
          ? t`${litres(ml)} wished for every ${plural(standing.days, 'day')}`
          : t`${litres(ml)} wished for ${day(by)}`,
    () => t`A wish was given up`,
  ],
  waking: [({ from, to }) => t`Up from ${time(from)} to ${time(to)}`, () => t`Waking hours as usual`],
};

/** A setting as the journal tells it. */
export function settingWords<T extends Thing>(
  { thing, key, value }: SettingFor<T>,
  household: Household,
): string {
  const [set, gone] = words[thing];
  return value === null ? gone(key, household) : set(value, key, household);
}
