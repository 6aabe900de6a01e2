// Stands in for Zod's forty languages in the bundle: Yuzet writes its own sentences.
export { default as en } from 'zod/v4/locales/en.js';
