import { t } from '@/core/tell/language/t';

const KINDS: readonly [RegExp, () => string][] = [
  [/iphone/i, () => t('an iPhone')],
  [/ipad/i, () => t('an iPad')],
  [/android.*mobile/i, () => t('an Android phone')],
  [/android/i, () => t('an Android tablet')],
  [/windows/i, () => t('a Windows computer')],
  [/mac os/i, () => t('a Mac')],
  [/linux|x11/i, () => t('a Linux computer')],
];

/**
 * What kind of device a browser says that it runs on.
 *
 * @example
 * deviceName('Mozilla/5.0 (X11; Linux x86_64)'); // => 'a Linux computer'
 */
export const deviceName = (agent: string): string =>
  KINDS.find(([pattern]) => pattern.test(agent))?.[1]() ?? t('another device');
