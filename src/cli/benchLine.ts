/** Prints one measure of the bench: its name, its value and a note. */
export function line(name: string, value: string, note = ''): void {
  console.log(`${name.padEnd(62)} ${value.padStart(10)}  ${note}`);
}
