/** Prints one measure of the bench: its name, its value and a note. */
export function line(name: string, value: string, note = ''): void {
  console.log(`${name.padEnd(62)} ${value.padStart(10)}  ${note}`);
}

/** The mean of some measures. */
export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;
