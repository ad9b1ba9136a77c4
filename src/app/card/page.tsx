import { notFound } from 'next/navigation';
import { Card } from '@/ui/card/Card';
import { preferences } from '../preferences';
import { queryText, type Query } from '../query';
import { cardOf } from './cardOf';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Card · Mellow Divot' };

/** A reading and its call on one page, for print. */
export default async function CardPage({ searchParams }: { searchParams: Promise<Query> }) {
  const [{ units }, query] = await Promise.all([preferences(), searchParams]);
  const card = await cardOf(queryText(query), units);
  if (!card) notFound();
  const pdf = `/card/pdf?${card.query}&units=${card.units}`;
  return <Card {...card} back={`/?${card.query}`} pdf={pdf} />;
}
