/**
 * Density of water.
 *
 * @param celsius 0 to 60
 * @returns kg/m³, within 0.01
 * @source G. S. Kell, J. Chem. Eng. Data 20 (1975) 97–105
 * @example waterDensity(20) // ≈ 998.2
 */
export function waterDensity(celsius: number): number {
  const t = celsius;
  const top =
    999.83952 +
    t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 + t * -280.54253e-12))));
  return top / (1 + 16.87985e-3 * t);
}
