import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { Scenario } from '../src/core/ferment/scenario.ts';

/** Writes docs/scenario.schema.json from the validator itself. Run from the project's folder. */
const schema = z.toJSONSchema(Scenario, { io: 'input' });
writeFileSync('docs/scenario.schema.json', `${JSON.stringify(schema, null, 2)}\n`);
