/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { PacketDose } from './packet-dose';
export { BeginningGuide } from './beginning-guide';
export { FirstDraw } from './first-draw';
export { BeginScreen } from './begin-screen';
