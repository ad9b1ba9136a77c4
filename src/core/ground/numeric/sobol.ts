/** Primitive polynomials and initial direction numbers: S. Joe and F. Y. Kuo (2008), dimensions 2 to 7. */
const JOE_KUO: readonly { degree: number; a: number; m: readonly number[] }[] = [
  { degree: 1, a: 0, m: [1] },
  { degree: 2, a: 1, m: [1, 3] },
  { degree: 3, a: 1, m: [1, 3, 1] },
  { degree: 3, a: 2, m: [1, 1, 1] },
  { degree: 4, a: 1, m: [1, 1, 3, 3] },
  { degree: 4, a: 4, m: [1, 3, 5, 13] },
];

const BITS = 32;

/** Dimensions this table reaches. */
export const SOBOL_DIMENSIONS = JOE_KUO.length + 1;

function directions(dimension: number): Uint32Array {
  const v = new Uint32Array(BITS);
  if (dimension === 0) {
    for (let i = 0; i < BITS; i++) v[i] = 2 ** (BITS - 1 - i);
    return v;
  }
  const { degree, a, m } = JOE_KUO[dimension - 1]!;
  for (let i = 0; i < BITS; i++) {
    if (i < degree) {
      v[i] = m[i]! * 2 ** (BITS - 1 - i);
      continue;
    }
    let value = v[i - degree]! ^ (v[i - degree]! >>> degree);
    for (let k = 1; k < degree; k++) {
      if ((a >>> (degree - 1 - k)) & 1) value ^= v[i - k]!;
    }
    v[i] = value;
  }
  return v;
}

/**
 * Sobol points with a digital shift: evenly spread over the unit cube, and any power-of-two prefix is too.
 *
 * @param count points wanted, at least 1
 * @param dimensions 1 to SOBOL_DIMENSIONS
 * @param nextUint32 source of the shift, one integer a dimension
 * @returns row-major coordinates in (0, 1): point i, dimension j at [i * dimensions + j]
 * @throws RangeError when more dimensions are asked for than the table reaches
 * @see I. M. Sobol (1967); I. A. Antonov and V. M. Saleev (1979) for the Gray-code order
 * @example
 * sobol(8, 2, () => 0).length; // => 16
 */
export function sobol(count: number, dimensions: number, nextUint32: () => number): Float64Array {
  if (dimensions < 1 || dimensions > SOBOL_DIMENSIONS) {
    throw new RangeError(`dimensions: ${dimensions} is not within 1 to ${SOBOL_DIMENSIONS}`);
  }
  const points = new Float64Array(count * dimensions);
  for (let j = 0; j < dimensions; j++) {
    const v = directions(j);
    const shift = nextUint32();
    let x = 0;
    for (let i = 0; i < count; i++) {
      if (i > 0) x ^= v[31 - Math.clz32(i & -i)]!;
      points[i * dimensions + j] = (((x ^ shift) >>> 0) + 0.5) / 2 ** BITS;
    }
  }
  return points;
}
