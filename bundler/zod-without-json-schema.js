// Stands in for Zod's JSON Schema reader and writer in the bundle: only the command line's documentation uses them.
const absent = () => {
  throw new Error('JSON Schema is left out of the app');
};
export const createToJSONSchemaMethod = () => absent;
export const createStandardJSONSchemaMethod = () => absent;
export const fromJSONSchema = absent;
export const toJSONSchema = absent;
export const JSONSchemaGenerator = absent;
