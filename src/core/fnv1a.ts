/** The 32-bit offset basis of FNV-1a. */
const basis = 0x811c9dc5;

/**
 * FNV-1a of a text's UTF-16 code units, 32 bits: a checksum against damage and a cache key, not a guard against people.
 *
 * @param start offset basis; another one gives a second, independent hash
 * @returns whole number from 0 to 2³² − 1
 * @source G. Fowler, L. C. Noll, K.-P. Vo; draft-eastlake-fnv
 * @example fnv1a('a').toString(16) // 'e40c292c'
 */
export function fnv1a(text: string, start = basis): number {
  let hash = start;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}
