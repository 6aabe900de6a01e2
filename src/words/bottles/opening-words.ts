import type { Livelier, OpeningGuide, OpeningWay } from '@/core/bottling/opening-guide';
import { inARow } from '../amounts';

export const wayTitles: Readonly<Record<OpeningWay, string>> = {
  plain: 'Open it plainly',
  slow: 'Slowly, over a bowl',
  'in-steps': 'Let it off in steps',
  leave: 'Leave it closed',
};

export const wayWords: Readonly<Record<OpeningWay, string>> = {
  plain: 'Cold, upright, wrapped in a cloth, pointing away; pour along the glass.',
  slow: 'Cold and upright, over a bowl or the sink, a cloth about it, pointing away. Lift the closure a little, wait, lift on.',
  'in-steps':
    'Over a wide bowl, glasses on, a towel about it. Let a breath of gas off and close it again; wait a minute; again, until nothing rises. Never shake it. Three to six times is usual.',
  leave:
    'Not now. Cold for two days more, upright and covered, then ask again. If it may be past its limit nobody touches it without glasses and gloves.',
};

const livelierWords: Readonly<Record<Livelier, string>> = {
  warm: 'it is warm',
  unsettled: 'it has not been cold for a day',
  pulp: 'its pulp gives bubbles their places',
  full: 'it is filled very high',
};

/** Why that way: how much gas it holds over what stays, and what makes it livelier. */
export function openingReason({ liveliness, because }: OpeningGuide): string {
  const holds = `It likely holds up to ${liveliness.toFixed(1)} times the gas its liquid keeps in the open`;
  return because.length === 0
    ? `${holds}: an estimate.`
    : `${holds}, counting that ${inARow(because.map((each) => livelierWords[each]))}: an estimate.`;
}
