/**
 * A number with its noun: "1 ball", "2 balls", "no balls".
 *
 * @param many the plural, where it is not the noun with an s
 * @example
 * counted(1, 'ball'); // => '1 ball'
 * counted(0, 'ball'); // => 'no balls'
 * counted(2, 'way out', 'ways out'); // => '2 ways out'
 */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count === 0 ? 'no' : count} ${count === 1 ? one : many}`;
