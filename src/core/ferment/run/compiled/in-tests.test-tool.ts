/** Tests of the forecast make their steps as the app does, compiled; those of the ferment itself make them as they are written. */
const { testPath } = expect.getState();
if (/core\/(forecast|starter|bottling|brew|tasks)\/|src\/demo\//.test(testPath ?? '')) {
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- only where it is wanted: most tests know no ferment
  const { turnToCompiledSteps } = require('./compile') as typeof import('./compile');
  turnToCompiledSteps();
}

export {};
