/** Encodings that files announce by their first bytes. */
const MARKS = [
  { bytes: [0xff, 0xfe], encoding: 'utf-16le' },
  { bytes: [0xfe, 0xff], encoding: 'utf-16be' },
] as const;

/**
 * The text of a file as people have them: UTF-16 where its first bytes say so, UTF-8 where it is that, else the western one-byte code
 * that spreadsheets write; without its byte order mark.
 *
 * @example
 * textOf(new Uint8Array([0x4a, 0xf8, 0x72, 0x6e])); // => 'J\u00f8rn'
 */
export function textOf(bytes: Uint8Array): string {
  const mark = MARKS.find((each) => each.bytes.every((byte, i) => bytes[i] === byte));
  if (mark) return new TextDecoder(mark.encoding).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
