import { addressesHere } from '@/app/addressesHere';

test('a phone is told addresses that it can reach, the one that was asked under first, never this machine’s own', () => {
  const here = addressesHere('http', '10.1.2.3:3000', '0.0.0.0');
  expect(here[0]).toBe('http://10.1.2.3:3000');
  expect(here.some((each) => each.includes('127.0.0.1'))).toBe(false);
  expect(new Set(here).size).toBe(here.length);
  expect(addressesHere('https', 'localhost:3000', '192.168.1.20')).toEqual([
    'https://192.168.1.20:3000',
  ]);
  expect(addressesHere('https', 'divot.test', '192.168.1.20')).toEqual([
    'https://divot.test',
    'https://192.168.1.20',
  ]);
});
