import type { BaseKind } from '../core/matter/base-kinds';
import type { PlaceId } from '../core/kitchen/places';

import type { VesselId } from '../core/vessels/vessel-kinds';
import type { Diary } from './diary';
import { type Mark } from '@/core/lots/records/new-lot';

/** What the household writes in. */
export type Kitchen = Pick<Diary, 'ago'>;

export const beginBug = (
  diary: Kitchen,
  ago: number,
  name: string,
  jarMl: number,
  water: number,
  ginger: number,
  sugar: number,
): string =>
  diary.ago(ago, {
    kind: 'lot-begun',
    role: 'starter',
    name,
    vessel: { kind: 'jar', ml: jarMl },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
    portions: [
      { what: 'water', ml: water },
      { what: 'ginger', grams: ginger, form: 'grated' },
      { what: 'white-sugar', grams: sugar },
    ],
  });

export const feed = (diary: Kitchen, lotId: string, ago: number, grams: number, water: number): string =>
  diary.ago(ago, {
    kind: 'portions-added',
    lotId,
    portions: [
      { what: 'ginger', grams, form: 'grated' },
      { what: 'white-sugar', grams },
      ...(water > 0 ? [{ what: 'water', ml: water }] : []),
    ],
  });

export interface Mix {
  readonly name: string;
  readonly base: BaseKind;
  readonly water: number;
  readonly sugar: number;
  readonly with: readonly (readonly [what: string, grams: number])[];
  readonly starter: string;
  readonly dose: number;
  readonly fizz: number;
  readonly from?: { readonly id: string; readonly version: number };
}

export const mix = (diary: Kitchen, ago: number, m: Mix): string =>
  diary.ago(ago, {
    kind: 'lot-begun',
    role: 'brew',
    name: m.name,
    vessel: { kind: 'jar', ml: Math.ceil((m.water + m.sugar + m.dose) * 0.0013) * 1000 },
    closure: 'airlock',
    place: 'counter',
    recipe: {
      base: m.base,
      wantedVolumes: m.fizz,
      planned: { lotId: m.starter, ml: m.dose },
      ...(m.from ? { from: m.from } : {}),
    },
    portions: [
      { what: 'water', ml: m.water },
      { what: 'white-sugar', grams: m.sugar },
      ...m.with.map(([what, grams]) => ({ what, grams })),
    ],
  });

export const pitch = (
  diary: Kitchen,
  ago: number,
  from: string,
  to: string,
  ml: number,
  celsius: number,
): string =>
  diary.ago(ago, { kind: 'transferred', from, taken: 'liquid', celsius, targets: [{ lotId: to, ml }] });

export const listen = (diary: Kitchen, ago: number, lotId: string, hiss: 'faint' | 'good'): string =>
  diary.ago(ago, { kind: 'observed', lotId, signs: { hiss } });

/** Fills bottles. @returns their ids */
export function bottle(
  diary: Kitchen,
  ago: number,
  from: string,
  b: {
    vessel: VesselId;
    count: number;
    ml: number;
    fill: number;
    stock?: string;
    /** The number of the soft one, which is squeezed for the others. */
    pilot?: number;
    /** From this number on the bottles are other than the first ones. */
    other?: { from: number; variant: string; mark: Mark; what: string; grams: number };
  },
): string[] {
  const isOther = (number: number) => b.other !== undefined && number >= b.other.from;
  const target = (number: number) => ({
    begin: {
      ...(isOther(number) ? { variant: b.other!.variant, mark: b.other!.mark } : {}),
      role: 'bottle',
      name: String(number),
      vessel:
        number === b.pilot
          ? { kind: 'plastic-soda' as const, ml: b.ml, stock: 'soft-500' }
          : { kind: b.vessel, ml: b.ml, ...(b.stock ? { stock: b.stock } : {}) },
      closure: 'sealed',
      place: 'counter',
    } as const,
    ml: b.fill,
    ...(isOther(number) ? { portions: [{ what: b.other!.what, grams: b.other!.grams }] } : {}),
  });
  const id = diary.ago(ago, {
    kind: 'transferred',
    from,
    taken: 'liquid',
    targets: Array.from({ length: b.count }, (_, i) => target(i + 1)),
  });
  return Array.from({ length: b.count }, (_, i) => `${id}-${i + 1}`);
}

export const move = (diary: Kitchen, ago: number, lots: readonly string[], place: PlaceId): string =>
  diary.ago(ago, { kind: 'moved', lots: [...lots], place });

export const squeeze = (
  diary: Kitchen,
  ago: number,
  lotId: string,
  feel: 'soft' | 'gives' | 'firm' | 'rock',
): string => diary.ago(ago, { kind: 'observed', lotId, signs: { squeeze: feel } });

export const opened = (
  diary: Kitchen,
  ago: number,
  lotId: string,
  how: 'still' | 'gentle' | 'lively' | 'gusher',
  sweet: number,
  sour: number,
  note: string,
): string => diary.ago(ago, { kind: 'opened', lotId, how, sweet, sour, ...(note ? { note } : {}) });

export const tasted = (
  diary: Kitchen,
  ago: number,
  lotId: string,
  by: string,
  scores: { sweet: number; sour: number; fizz: number; aroma?: number; liking: number },
): string => diary.ago(ago, { kind: 'tasted', lotId, by, ...scores });
