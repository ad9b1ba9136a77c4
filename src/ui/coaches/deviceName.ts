const KINDS: readonly [RegExp, string][] = [
  [/iphone/i, 'an iPhone'],
  [/ipad/i, 'an iPad'],
  [/android.*mobile/i, 'an Android phone'],
  [/android/i, 'an Android tablet'],
  [/windows/i, 'a Windows computer'],
  [/mac os/i, 'a Mac'],
  [/linux|x11/i, 'a Linux computer'],
];

/**
 * What kind of device a browser says that it runs on.
 *
 * @example
 * deviceName('Mozilla/5.0 (X11; Linux x86_64)'); // => 'a Linux computer'
 */
export const deviceName = (agent: string): string =>
  KINDS.find(([pattern]) => pattern.test(agent))?.[1] ?? 'another device';
