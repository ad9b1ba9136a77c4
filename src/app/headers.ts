/** What is said with every answer: whose it is, which tells it from what a gateway says in its place, of what it is, by whom it may be shown, and that this machine's names are nobody else's business. */
const ALWAYS = {
  'x-answered-by': 'mellow-divot',
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=()',
} as const;

/**
 * What a page may load and do: its own scripts and those of this answer, nothing from elsewhere, and no frame around it. Styles stand in
 * attributes of what is drawn, which is why they are let through.
 *
 * @param nonce known to this answer's own scripts alone
 */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** True for what a browser shows as a page of the product. */
const isPage = (path: string): boolean => !path.startsWith('/api/') && !/\/pdf$/.test(path);

/**
 * The headers of an answer.
 *
 * @param path of what was asked for
 * @param policy of a page, as {@link contentPolicy} says it
 */
export const headersFor = (path: string, policy: string): Record<string, string> => ({
  ...ALWAYS,
  ...(isPage(path) ? { 'content-security-policy': policy } : {}),
  // What was fetched of players is nowhere but on the screen.
  ...(path.startsWith('/api/') ? { 'cache-control': 'no-store' } : {}),
});
