import '@/core/model/batch/start';
/** True where a bench only shows that it can end: few rounds of little, as a test runs it. */
export const isSmall = process.env.MELLOW_BENCH === 'small';

/** Prints one measure of the bench: its name, its value and a note. */
export function line(name: string, value: string, note = ''): void {
  console.log(`${name.padEnd(62)} ${value.padStart(10)}  ${note}`);
}

/** The whole number that the command line ends with, from 1 to 1000; says what is allowed, and ends, where it is another. */
export function countAsked(what: string, usual: number): number {
  const [, , asked = String(usual)] = process.argv;
  const count = Number(asked);
  if (Number.isInteger(count) && count >= 1 && count <= 1000) return count;
  console.error(`The number of ${what} must be a whole number from 1 to 1000, not "${asked}".`);
  process.exit(2);
}
