/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { Bell } from './bell';
export { DayScreen } from './day-screen';
export { Tending } from './tending-card';
