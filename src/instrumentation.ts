/** Opens the database before the first request, in the Node.js server only. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') await import('@/data/startup');
}
