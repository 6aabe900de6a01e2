/**
 * Everything that needs the form library or the validator, in one chunk that a start does not load: what two chunks share
 * would otherwise land in the first load. Reached only through import().
 */
export { readEntries } from '@/core/journal/migrate/read-entries';
export { AmendSheet } from '../lots/amend-sheet';
export { FindSheet } from '../shell/find-sheet';
export { LotSheet } from '../lots/lot-sheet';
export { PourSheet } from '../lots/pour-sheet';
export { AccountCard } from '../brews/account-card';
export { PitchSheet } from '../brews/pitch-sheet';
export { NewBrew } from '../brews/worktop/new-brew';
export { RecipesScreen } from '../recipes/recipes-screen';
export { RecipeScreen } from '../recipes/recipe-screen';
export { Bell } from '../brewday/bell';
export { BottlingScreen } from '../bottling/bottling-screen';
export { LabelsScreen } from '../labels/labels-screen';
export { CompareScreen } from '../compare/compare-screen';
export { BackScreen } from '../back/back-screen';
export { StockScreen } from '../bottling/stock-screen';
export { DayScreen } from '../brewday/day-screen';
export { Tending } from '../brewday/tending-card';
export { PacketDose } from '../starters/packet-dose';
export { BeginningGuide } from '../starters/beginning-guide';
export { FirstDraw } from '../starters/first-draw';
export { BeginScreen } from '../starters/begin-screen';
export { FoundOne } from '../rack/found-one';
export { PowerCut } from '../rack/power-cut';
export { OpeningForm } from '../rack/opening-form';
export { AheadScreen } from '../planning/ahead-screen';
export { BuildScreen } from '../planning/build-screen';
export { WorkbookScreen } from '../workbook/workbook-screen';
export { PlacesScreen } from '../places/places-screen';
export { TroubleScreen } from '../trouble/trouble-screen';
