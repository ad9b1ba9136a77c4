import { textOf } from './textOf';

const TEXT = 'Name;Clubs\r\nJørn Ååk;56 56/12\r\n';

test.each([
  ['UTF-8', Buffer.from(TEXT, 'utf8')],
  ['UTF-8 with a mark', Buffer.from(`\uFEFF${TEXT}`, 'utf8')],
  ['UTF-16 as Windows writes it', Buffer.from(`\uFEFF${TEXT}`, 'utf16le')],
  ['UTF-16 the other way round', Buffer.from(`\uFEFF${TEXT}`, 'utf16le').swap16()],
  ['the western one-byte code', Buffer.from(TEXT, 'latin1')],
])('%s is read', (_, bytes) => {
  expect(textOf(new Uint8Array(bytes))).toBe(TEXT);
});

test('no bytes are no text', () => {
  expect(textOf(new Uint8Array())).toBe('');
});
