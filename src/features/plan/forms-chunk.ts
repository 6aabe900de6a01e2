/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { BrewDays } from './brew-days';
export { HeldHour } from './held-hour';
export { Reminder } from './reminder';
export { PlanScreen } from './plan-screen';
