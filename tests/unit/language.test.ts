import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { languageOf, scriptAddress, scriptOf, speakEachLanguage } from '@/app/language';
import { ENGLISH, speakAs } from '@/core/tell/language/language';
import { t } from '@/core/tell/language/t';

test.each([
  [{}, 'en'],
  [{ 'accept-language': 'de' }, 'de'],
  [{ 'accept-language': 'fr, de-CH;q=0.8, en;q=0.5' }, 'de'],
  [{ 'accept-language': 'en-GB, de;q=0.9' }, 'en'],
  [{ 'accept-language': 'fr' }, 'en'],
  [{ 'accept-language': 'de', cookie: 'mellow-language=en' }, 'en'],
  [{ cookie: 'a=b; mellow-language=de; mellow-units=yards' }, 'de'],
  [{ cookie: 'not-mellow-language=de' }, 'en'],
  [{ cookie: 'mellow-language=latin' }, 'en'],
  [{ 'accept-language': ','.repeat(100_000) }, 'en'],
] as const)('a browser that says %p is spoken to in %s', (headers, language) => {
  expect(languageOf(headers)).toBe(language);
});

test('the script of a language has a page speak it, under an address that says which one it is', () => {
  try {
    // As a browser runs it.
    (0, eval)(scriptOf('de'));
    expect(t('on the green')).toBe('auf dem Grün');
    expect(scriptOf('de')).not.toContain('</');
    expect(scriptAddress('de')).toMatch(/^\/words\/de\?v=[0-9a-f]{12}$/);
    expect(scriptAddress('de')).not.toBe(scriptAddress('en'));
  } finally {
    speakAs(() => ENGLISH);
  }
});

test('requests at the same time are each answered in their own language', async () => {
  speakEachLanguage();
  const server = http.createServer(async (_request, response) => {
    // Others come in between.
    await new Promise((resolve) => setTimeout(resolve, 5));
    response.end(t('on the green'));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;
  const ask = async (language: string): Promise<string> =>
    (await fetch(url, { headers: { cookie: `mellow-language=${language}` } })).text();
  try {
    const asked = Array.from({ length: 24 }, (_, i) => (i % 3 === 0 ? 'en' : 'de'));
    const said = await Promise.all(asked.map(ask));
    expect(said).toEqual(asked.map((each) => (each === 'en' ? 'on the green' : 'auf dem Grün')));
    expect(t('on the green')).toBe('on the green');
  } finally {
    server.close();
    speakAs(() => ENGLISH);
  }
});
