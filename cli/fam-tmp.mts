import { familyCalibration } from './calibration/families.ts';
import { seededNormal, seededUniform } from '../src/core/forecast/random.ts';
const u = seededUniform(2025);
console.log(JSON.stringify(familyCalibration(200, u, seededNormal(u))));
