/** Opens the database before the first request, in the Node.js server only; not at all where everybody would be let in. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { openShortWay } = await import('@/app/api/shortWay');
  const { POST: logBalls } = await import('@/app/api/lessons/[id]/balls/route');
  const { GET: bringBalls } = await import('@/app/api/lessons/[id]/events/route');
  const { refuseOddMethods } = await import('@/app/methods');
  const { speakEachLanguage } = await import('@/app/language');
  openShortWay({ logBalls, bringBalls });
  refuseOddMethods();
  // Set last, and so first asked: what is said before the framework is in the language of who asks too.
  speakEachLanguage();
  const { opened } = await import('@/app/startup');
  const { openingFault } = await import('@/app/entrance');
  const { hasHeadCoach } = await import('@/data/access/accounts');
  if (!opened) return;
  const fault = openingFault(process.env, await hasHeadCoach(opened.sql));
  if (fault === null) return;
  process.stderr.write(`${fault}\n`);
  await opened.close();
  process.exit(3);
}
