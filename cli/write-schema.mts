import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { FamilyScenario } from '../src/core/forecast/published/family-scenario.ts';
import { Scenario } from '../src/core/ferment/scenario/scenario.ts';

/** Writes the schemas of docs/ from the validators themselves. Run from the project's folder. */
for (const [name, schema] of [
  ['scenario', Scenario],
  ['family', FamilyScenario],
] as const) {
  writeFileSync(
    `docs/${name}.schema.json`,
    `${JSON.stringify(z.toJSONSchema(schema, { io: 'input' }), null, 2)}\n`,
  );
}
