import { refusal, success, type Result } from '../result';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';
import { feedRise, gingerBug } from './ginger-bug';
import type { StarterState } from './starter-state';

export interface TopUp {
  readonly waterMl: number;
  readonly gingerGrams: number;
  readonly sugarGrams: number;
}

export interface DrawPlan {
  readonly drawMl: number;
  readonly leftMl: number;
  readonly topUp: TopUp;
}

/**
 * The most that may be drawn now and still leave enough to regrow: two fifths of the mark.
 *
 * @returns ml, rounded down to 5, never negative
 * @example // a jar at its 400 ml mark gives 240 ml
 */
export const mostDrawableMl = (starter: Pick<StarterState, 'levelMl' | 'markMl'>): number =>
  Math.max(0, Math.floor((starter.levelMl - gingerBug.mustStay * starter.markMl) / 5 + 1e-9) * 5);

/**
 * The feed that brings a jar back to its mark: 3 % ginger and sugar of the mark, and water for the rest.
 *
 * @param levelMl what is in the jar, ml
 * @param markMl the mark, ml, above 0
 * @returns amounts a kitchen can measure
 */
export function topUpTo(levelMl: number, markMl: number): TopUp {
  const grams = gingerBug.feed.usual * markMl;
  return {
    waterMl: Math.max(0, sensibleMillilitres(markMl - levelMl - grams * feedRise)),
    gingerGrams: sensibleGrams(grams),
    sugarGrams: sensibleGrams(grams),
  };
}

/**
 * What a draw leaves in the jar, and the top-up it needs.
 *
 * @param starter projected state
 * @param drawMl wanted, above 0
 * @returns the plan; refusal `draw.too-large` names the largest draw that works, `draw.nothing` an amount that is none
 */
export function planDraw(starter: StarterState, drawMl: number): Result<DrawPlan> {
  const most = mostDrawableMl(starter);
  if (!(drawMl > 0))
    return refusal('draw.nothing', 'Draw at least 5 ml, or the batch has nothing to start it.');
  if (drawMl > most) {
    return refusal(
      'draw.too-large',
      most === 0
        ? `${starter.name} is too low to draw from: top it up to the ${starter.markMl} ml mark and wait a day.`
        : `At most ${most} ml can be drawn from ${starter.name} now: the rest must stay to regrow.`,
    );
  }
  const leftMl = starter.levelMl - drawMl;
  return success({ drawMl, leftMl, topUp: topUpTo(leftMl, starter.markMl) });
}

/** The usual feed without a draw: sugar and ginger by the jar's level, water up to the mark when it is low. */
export const usualFeed = (starter: StarterState): TopUp => topUpTo(starter.levelMl, starter.markMl);
