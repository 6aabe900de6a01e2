import { isIngredient, ingredientOf } from '../matter/ingredients/registry';
import type { BottlingWay, Recipe } from './recipe';

/** What was seen of a batch made by a recipe. */
export interface Seen {
  /** How sweet it tasted and is liked, steps of 1–5; null when nobody scored. */
  readonly sweet: { readonly tasted: number; readonly liked: number } | null;
  /** How aromatic it tasted, 1–5. */
  readonly aroma: number | null;
  /** Bottles that gushed, that were flat, and all that were opened. */
  readonly gushers: number;
  readonly flat: number;
  readonly opened: number;
  /** What the bottle that was liked best had, beside the rest; null when none is known to be better. */
  readonly best: (BottlingWay & { readonly chance: number }) | null;
  /** How the bottles were filled in the middle, so that a change has something to start from. */
  readonly usual: BottlingWay;
}

/** One thing to change next time, with the figure before and after, and why. */
export type VersionProposal =
  | {
      readonly what: 'sugar';
      readonly ingredient: string;
      readonly from: number;
      readonly to: number;
      readonly because: 'too-sweet' | 'not-sweet';
    }
  | {
      readonly what: 'days';
      readonly from: number;
      readonly to: number;
      readonly because: 'gushed' | 'flat' | 'best';
    }
  | {
      readonly what: 'dose';
      readonly from: BottlingWay['dose'];
      readonly to: BottlingWay['dose'];
      readonly because: 'best';
    }
  | {
      readonly what: 'headspace';
      readonly from: number;
      readonly to: number;
      readonly because: 'gushed' | 'best';
    }
  | {
      readonly what: 'infusion';
      readonly from: number;
      readonly to: number;
      readonly because: 'faint' | 'overwhelms';
    };

/** A step of sweetness is worth so much of what was mixed; half a step is let be. */
const sugarPerStep = 0.12;
const enough = 0.5;
/** A better bottle is followed from so much belief on. */
const believed = 0.7;
const tenth = (value: number) => Math.round(value * 10) / 10;

/** What to change in a recipe's next version, from what was seen: sugar, days warm, dose, headspace, infusion. */
export function proposals(recipe: Recipe, seen: Seen): VersionProposal[] {
  return [...sugarChange(recipe, seen), ...bottleChanges(seen), ...infusionChange(recipe, seen)];
}

function sugarChange(recipe: Recipe, { sweet }: Seen): VersionProposal[] {
  if (!sweet) return [];
  const off = sweet.tasted - sweet.liked;
  const line = [...recipe.lines]
    .filter(({ what }) => isIngredient(what) && ['sugar', 'syrup'].includes(ingredientOf(what).family))
    .sort((a, b) => b.perLitre - a.perLitre)[0];
  if (!line || Math.abs(off) < enough) return [];
  const by = Math.min(0.3, Math.max(-0.3, sugarPerStep * off));
  return [
    {
      what: 'sugar',
      ingredient: line.what,
      from: line.perLitre,
      to: tenth(line.perLitre * (1 - by)),
      because: off > 0 ? 'too-sweet' : 'not-sweet',
    },
  ];
}

function bottleChanges({ best, usual, gushers, flat, opened }: Seen): VersionProposal[] {
  const out: VersionProposal[] = [];
  const gushed = opened > 0 && gushers / opened >= 0.5;
  const dull = opened > 0 && flat / opened >= 0.5;
  const follow = best && best.chance >= believed ? best : null;
  if (follow && !sameDose(follow.dose, usual.dose))
    out.push({ what: 'dose', from: usual.dose, to: follow.dose, because: 'best' });
  if (usual.warmDays !== null) {
    const days = usual.warmDays;
    if (gushed)
      out.push({ what: 'days', from: days, to: tenth(Math.max(0.5, days * 0.75)), because: 'gushed' });
    else if (dull) out.push({ what: 'days', from: days, to: tenth(days * 1.35), because: 'flat' });
    else if (follow?.warmDays != null && Math.abs(follow.warmDays - days) >= 0.4)
      out.push({ what: 'days', from: days, to: tenth(follow.warmDays), because: 'best' });
  }
  if (gushed && usual.headspaceCm < 5)
    out.push({
      what: 'headspace',
      from: usual.headspaceCm,
      to: tenth(Math.min(6, usual.headspaceCm + 1)),
      because: 'gushed',
    });
  else if (follow && Math.abs(follow.headspaceCm - usual.headspaceCm) >= 1)
    out.push({ what: 'headspace', from: usual.headspaceCm, to: tenth(follow.headspaceCm), because: 'best' });
  return out;
}

function infusionChange({ method }: Recipe, { aroma }: Seen): VersionProposal[] {
  if (!method.infusion || aroma === null) return [];
  const [, until] = method.infusion.hours;
  if (aroma <= 2) return [{ what: 'infusion', from: until, to: Math.round(until * 1.25), because: 'faint' }];
  return aroma >= 4.5
    ? [{ what: 'infusion', from: until, to: Math.round(until * 0.75), because: 'overwhelms' }]
    : [];
}

const sameDose = (a: BottlingWay['dose'], b: BottlingWay['dose']): boolean =>
  a === b || (a !== null && b !== null && a.what === b.what && Math.abs(a.perLitre - b.perLitre) < 0.5);

/**
 * The recipe's next version with some proposals taken: everything else stays.
 *
 * @param version the number it gets
 */
export function withProposals(
  recipe: Recipe,
  taken: readonly VersionProposal[],
  version: number,
  usual: BottlingWay,
): Recipe {
  let next: Recipe = { ...recipe, version, rating: null, note: '' };
  for (const proposal of taken) next = applied(next, proposal, usual);
  return next;
}

function applied(recipe: Recipe, proposal: VersionProposal, usual: BottlingWay): Recipe {
  const bottling = recipe.bottling ?? usual;
  switch (proposal.what) {
    case 'sugar':
      return {
        ...recipe,
        lines: recipe.lines.map((line) =>
          line.what === proposal.ingredient ? { ...line, perLitre: proposal.to } : line,
        ),
      };
    case 'days':
      return { ...recipe, bottling: { ...bottling, warmDays: proposal.to } };
    case 'dose':
      return { ...recipe, bottling: { ...bottling, dose: proposal.to } };
    case 'headspace':
      return { ...recipe, bottling: { ...bottling, headspaceCm: proposal.to } };
    case 'infusion': {
      const { infusion } = recipe.method;
      return infusion
        ? {
            ...recipe,
            method: {
              ...recipe.method,
              infusion: { ...infusion, hours: [Math.min(infusion.hours[0], proposal.to), proposal.to] },
            },
          }
        : recipe;
    }
  }
}
