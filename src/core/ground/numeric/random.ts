/**
 * Deterministic 32-bit generator: a Weyl sequence through a 32-bit finalising mix ("splitmix32" family,
 * after Steele, Lea and Flood 2014). Same seed, same numbers, on every machine.
 *
 * @param seed any finite number; its integer part modulo 2^32 counts
 * @returns a function that gives the next unsigned 32-bit integer
 * @example
 * seededUint32(7)() === seededUint32(7)(); // => true
 */
export function seededUint32(seed: number): () => number {
  let state = Math.trunc(seed) >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let z = state;
    z = Math.imul(z ^ (z >>> 16), 0x21f0aaad);
    z = Math.imul(z ^ (z >>> 15), 0x735a2d97);
    return (z ^ (z >>> 15)) >>> 0;
  };
}
