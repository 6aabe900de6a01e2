/**
 * Least headspace a bottle should be filled with, share of its liquid: below it a few degrees decide over the pressure,
 * since the liquid swells by half a percent when it is warmed and gassed.
 */
export const leastHeadspaceShare = 0.02;

/** Why a bottle is not filled further. */
export const whyHeadspace =
  'warmed and gassed the liquid swells by half a percent, and below that a few degrees decide over the pressure';
