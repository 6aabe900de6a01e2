// Starts Expo's dev server for hacking.
import { installPackages, run } from './run.mjs';

installPackages();
process.exitCode = run(process.execPath, ['node_modules/expo/bin/cli', 'start', '--web'], {
  EXPO_NO_TELEMETRY: '1',
  EXPO_OFFLINE: '1',
});
