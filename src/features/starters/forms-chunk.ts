/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { PacketDose } from './packet/packet-dose';
export { BeginningGuide } from './begin/beginning-guide';
export { FirstDraw } from './begin/first-draw';
export { BeginScreen } from './begin/begin-screen';
