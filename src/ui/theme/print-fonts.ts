/** The same faces as plain files, for what is printed: Latin subsets (scripts/subset-fonts.mjs), SIL Open Font License. */
export const printFonts = {
  display: require('../../../assets/fonts/bricolage-700-print.ttf') as number,
  text: require('../../../assets/fonts/atkinson-400-print.ttf') as number,
};
