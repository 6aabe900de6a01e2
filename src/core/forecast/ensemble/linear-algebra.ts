/**
 * Lower triangular factor L of a symmetric positive definite matrix, A = L·Lᵀ (Cholesky).
 *
 * @param a n × n, row by row
 * @returns `positive-definite` with the factor, or `not-positive-definite` with the identity
 */
export function cholesky(
  a: Float64Array,
  n: number,
): { outcome: 'positive-definite' | 'not-positive-definite'; value: Float64Array } {
  const l = new Float64Array(n * n);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= l[i * n + k]! * l[j * n + k]!;
      if (i === j) {
        if (!(sum > 1e-12)) return { outcome: 'not-positive-definite', value: identity(n) };
        l[i * n + i] = Math.sqrt(sum);
      } else l[i * n + j] = sum / l[j * n + j]!;
    }
  }
  return { outcome: 'positive-definite', value: l };
}

function identity(n: number): Float64Array {
  const m = new Float64Array(n * n);
  for (let i = 0; i < n; i++) m[i * n + i] = 1;
  return m;
}

/** Natural logarithm of the determinant of a triangular L of n rows, its diagonal above 0. */
export function logDeterminant(l: Float64Array, n: number): number {
  let sum = 0;
  for (let i = 0; i < n; i++) sum += Math.log(l[i * n + i]!);
  return sum;
}

/** Squared length of L⁻¹·x, by forward substitution; L triangular of n rows, row by row. @param u room for n numbers, written */
export function whitenedSquare(l: Float64Array, x: ArrayLike<number>, n: number, u: Float64Array): number {
  let square = 0;
  for (let i = 0; i < n; i++) {
    let sum = x[i]!;
    for (let k = 0; k < i; k++) sum -= l[i * n + k]! * u[k]!;
    u[i] = sum / l[i * n + i]!;
    square += u[i]! * u[i]!;
  }
  return square;
}
