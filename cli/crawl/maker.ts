import type { Act } from '../../src/core/journal/entry.ts';
import type { Household } from '../../src/core/journal/household.ts';
import { everyLot } from '../../src/core/journal/household.ts';
import { keptKinds, knownCultures } from '../../src/core/cultures/registry.ts';
import type { Lot } from '../../src/core/lots/lot.ts';
import { drainableMl } from '../../src/core/lots/transfer.ts';
import { canAdd } from '../../src/core/lots/checks.ts';
import { mostDrawableMl } from '../../src/core/starter/draw-plan.ts';
import { keptCulture, usualFeed } from '../../src/core/starter/feed-plan.ts';
import { renewalOf } from '../../src/core/starter/renewal.ts';
import { beginAmounts } from '../../src/core/starter/begin-amounts.ts';
import { waysToBegin } from '../../src/core/cultures/guides/registry.ts';
import type { Task } from '../../src/core/tasks/task.ts';

/** Draws from a seed: a number from 0 up to 1. */
export type Dice = () => number;

const pick = <T>(dice: Dice, list: readonly T[]): T | undefined => list[Math.floor(dice() * list.length)];
const open = (household: Household, role: Lot['role']) =>
  everyLot(household).filter((lot) => lot.role === role && !lot.ended && !lot.opened);

/** Strained where its kind is renewed, and fed as usual. */
function feedActs(lot: Lot): Act[] {
  const renewal = renewalOf(lot);
  const portions = renewal?.portions ?? usualFeed(lot);
  const feed: Act[] =
    portions.length > 0 ? [{ kind: 'portions-added', lotId: lot.id, portions: [...portions] }] : [];
  if (!renewal) return feed;
  const begin = {
    role: 'brew' as const,
    name: `${lot.name} off`,
    vessel: { kind: 'jar' as const, ml: Math.ceil(renewal.strainMl / 0.9 / 250) * 250 },
    closure: 'loose-lid' as const,
    place: lot.place,
    culture: null,
    recipe: { base: keptCulture(lot)!.keeping.base, wantedVolumes: 2.5 },
  };
  return [
    {
      kind: 'transferred',
      from: lot.id,
      taken: 'liquid',
      targets: [renewal.discard ? { ml: renewal.strainMl } : { ml: renewal.strainMl, begin }],
    },
    ...feed,
  ];
}

/** What a maker does who takes what a task offers. */
export function taken(task: Task, dice: Dice): Act[] {
  const lot = task.lots[0]!;
  const ids = task.lots.map(({ id }) => id);
  switch (task.verb) {
    case 'feed':
      return task.lots.flatMap(feedActs);
    case 'rest':
      return [...feedActs(lot), { kind: 'moved', lots: [lot.id], place: 'fridge' }];
    case 'wake':
      return [{ kind: 'moved', lots: [lot.id], place: 'counter' }, ...feedActs(lot)];
    case 'pitch': {
      const { lotId, ml } = lot.recipe?.planned ?? {};
      return lotId && ml
        ? [
            {
              kind: 'transferred',
              from: lotId,
              taken: 'liquid',
              celsius: 22,
              targets: [{ lotId: lot.id, ml }],
            },
          ]
        : [];
    }
    case 'bottle':
      return bottled(lot, dice);
    case 'chill':
      return [{ kind: 'moved', lots: ids, place: 'fridge' }];
    case 'open':
      return [{ kind: 'opened', lotId: lot.id, how: dice() < 0.8 ? 'lively' : 'gusher' }];
    case 'tend':
      return task.reason === 'vent'
        ? [{ kind: 'vented', lots: task.lots.map(({ id }) => id), long: false }]
        : [{ kind: 'stirred', lots: task.lots.map(({ id }) => id) }];
    case 'discard':
      return [{ kind: 'ended', lots: [lot.id], how: 'discarded', why: 'Mould' }];
  }
}

function bottled(lot: Lot, dice: Dice): Act[] {
  const there = drainableMl(lot.contents);
  const count = Math.min(6, Math.floor(there / 480));
  if (count < 1) return [];
  const soft = dice() < 0.5;
  return [
    {
      kind: 'transferred',
      from: lot.id,
      taken: 'liquid',
      strained: 'coarse',
      targets: Array.from({ length: count }, (_, i) => ({
        begin: {
          role: 'bottle' as const,
          name: String(i + 1),
          vessel: { kind: soft && i === 0 ? ('plastic-soda' as const) : ('swing-top' as const), ml: 500 },
          closure: 'sealed' as const,
          place: 'counter' as const,
        },
        ml: 470,
        ...(dice() < 0.3 ? { portions: [{ what: 'white-sugar', grams: 2 }] } : {}),
      })),
    },
  ];
}

/** What a maker does of their own accord: begins something, brews from what lives, looks, measures, moves, drinks. */
export function ownIdea(household: Household, dice: Dice): Act[] {
  const starters = open(household, 'starter');
  const brews = open(household, 'brew');
  const bottles = open(household, 'bottle');
  const roll = dice();
  if (starters.length === 0 || (roll < 0.06 && starters.length < 4)) return begun(dice);
  if (roll < 0.3 && brews.length < 4) return brewed(pick(dice, starters)!, dice);
  if (roll < 0.4)
    return [{ kind: 'temperature-set', place: 'counter', celsius: 16 + Math.round(dice() * 13) }];
  const lot = pick(dice, [...starters, ...brews, ...bottles])!;
  if (roll < 0.55)
    return [
      { kind: 'observed', lotId: lot.id, signs: { foam: pick(dice, ['none', 'some', 'good'] as const)! } },
    ];
  if (roll < 0.62 && lot.role === 'brew')
    return [{ kind: 'measured', lotId: lot.id, quantity: 'sg', value: 1 + Math.round(dice() * 40) / 1000 }];
  if (roll < 0.72 && lot.role === 'brew' && drainableMl(lot.contents) > 300)
    return [{ kind: 'transferred', from: lot.id, taken: 'liquid', targets: [{ ml: 200, gone: 'drunk' }] }];
  if (roll < 0.8) {
    const portions = [{ what: 'white-sugar', grams: 10 }];
    return lot.role !== 'bottle' && canAdd(lot, portions).ok
      ? [{ kind: 'portions-added', lotId: lot.id, portions }]
      : [];
  }
  if (roll < 0.88)
    return [
      { kind: 'moved', lots: [lot.id], place: pick(dice, ['counter', 'fridge', 'warm-shelf'] as const)! },
    ];
  return roll < 0.92 && lot.role === 'brew' ? [{ kind: 'ended', lots: [lot.id], how: 'drunk', why: '' }] : [];
}

function begun(dice: Dice): Act[] {
  const kind = pick(dice, keptKinds)!;
  const way = waysToBegin.find(
    ({ culture, way: { makes } }) => culture.id === kind.id && makes === 'jar',
  )?.way;
  if (!way) return [];
  return [
    {
      kind: 'lot-begun',
      role: 'starter',
      name: kind.name,
      vessel: { kind: 'jar', ml: 1500 },
      closure: knownCultures(kind.id)!.keeping!.closure,
      place: way.place === 'cupboard' ? 'counter' : way.place,
      culture: kind.id,
      portions: beginAmounts(way, 1000).map((portion) => ({ ...portion })),
    },
  ];
}

function brewed(starter: Lot, dice: Dice): Act[] {
  const most = mostDrawableMl(starter);
  if (most < 40) return [];
  const ml = Math.min(most, 60 + Math.round(dice() * 80));
  return [
    {
      kind: 'lot-begun',
      role: 'brew',
      name: 'Something sweet',
      vessel: { kind: 'jar', ml: 3000 },
      closure: pick(dice, ['airlock', 'loose-lid', 'sealed'] as const)!,
      place: 'counter',
      recipe: { base: 'ginger-tea', wantedVolumes: 2.5, planned: { lotId: starter.id, ml } },
      portions: [
        { what: 'water', ml: 1200 + Math.round(dice() * 800) },
        { what: 'white-sugar', grams: 60 + Math.round(dice() * 120) },
      ],
    },
  ];
}
