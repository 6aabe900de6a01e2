import { config } from 'zod';

// The content policy forbids building code from text; the validator would try, and be reported for it, before it does without.
config({ jitless: true });
