/** How values come that the drivers read otherwise, by the number of their type: dates as text, big integers as numbers. */
export const PARSERS: Readonly<Record<number, (value: string) => unknown>> = {
  1082: (value) => value,
  20: Number,
};
