/** The shipped fonts, Latin subsets (scripts/subset-fonts.mjs), SIL Open Font License. */
export const fontFiles = {
  Bricolage: require('../../../assets/fonts/bricolage-700.woff2'),
  Atkinson: require('../../../assets/fonts/atkinson-400.woff2'),
  AtkinsonStrong: require('../../../assets/fonts/atkinson-600.woff2'),
};
