import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { Card } from '@/ui/card/Card';
import { PREFERENCE_COOKIES, unitsFrom } from '@/ui/frame/preferences';
import { queryText, type Query } from '../query';
import { cardOf } from './cardOf';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Card · Mellow Divot' };

/** A reading and its call on one page, for print. */
export default async function CardPage({ searchParams }: { searchParams: Promise<Query> }) {
  const [jar, query] = await Promise.all([cookies(), searchParams]);
  const units = unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value);
  const card = await cardOf(queryText(query), units);
  if (!card) notFound();
  return (
    <Card
      {...card}
      units={units}
      back={`/?${card.query}`}
      pdf={`/card/pdf?${card.query}&units=${units}`}
    />
  );
}
