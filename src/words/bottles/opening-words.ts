import type { Livelier, OpeningGuide, OpeningWay } from '@/core/bottling/opening-guide';
import { inARow } from '../amounts';
import { t } from '@/core/language/t';

export const wayTitles: Readonly<Record<OpeningWay, string>> = {
  plain: t`Open it plainly`,
  slow: t`Slowly, over a bowl`,
  'in-steps': t`Let it off in steps`,
  leave: t`Leave it closed`,
};

export const wayWords: Readonly<Record<OpeningWay, string>> = {
  plain: t`Cold, upright, wrapped in a cloth, pointing away; pour along the glass.`,
  slow: t`Cold and upright, over a bowl or the sink, a cloth about it, pointing away. Lift the closure a little, wait, lift on.`,
  'in-steps': t`Over a wide bowl, glasses on, a towel about it. Let a breath of gas off and close it again; wait a minute; again, until nothing rises. Never shake it. Three to six times is usual.`,
  leave: t`Not now. Cold for two days more, upright and covered, then ask again. If it may be past its limit nobody touches it without glasses and gloves.`,
};

const livelierWords: Readonly<Record<Livelier, string>> = {
  warm: t`it is warm`,
  unsettled: t`it has not been cold for a day`,
  pulp: t`its pulp gives bubbles their places`,
  full: t`it is filled very high`,
};

/** Why that way: how much gas it holds over what stays, and what makes it livelier. */
export function openingReason({ liveliness, because }: OpeningGuide): string {
  const holds = t`It likely holds up to ${liveliness.toFixed(1)} times the gas its liquid keeps in the open`;
  return because.length === 0
    ? t`${holds}: an estimate.`
    : t`${holds}, counting that ${inARow(because.map((each) => livelierWords[each]))}: an estimate.`;
}
