import { t } from '@/core/tell/language/t';
import { classRound, firstSeed } from '@/core/lesson/eye/cards';
import { readRound } from '@/core/lesson/eye/round';
import { coachRecord } from '@/core/lesson/players/house';
import { accountAsking, data } from '@/app/data';
import { ownEyeResults } from '@/data/eye';
import { EyePage } from '@/ui/practice/EyePage';
import { house } from '../../house';
import { queryText, type Query } from '../../query';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('The eye'));

/** The own eye of whoever asks, a coach or an assistant. */
export default async function Page({ searchParams }: { searchParams: Promise<Query> }) {
  const { sql } = await data();
  const academy = await house();
  const before = await ownEyeResults(sql, await accountAsking());
  const round = readRound(new URLSearchParams(queryText(await searchParams)));
  const now = new Date().toISOString();
  return (
    <EyePage
      trainee={{
        ...coachRecord(academy, t('Your own eye')),
        id: '',
        archived: false,
        updatedAt: now,
      }}
      own
      house={academy}
      before={before}
      seed={firstSeed(before.length)}
      now={now}
      round={round && classRound(round.seed, round.level)}
    />
  );
}
