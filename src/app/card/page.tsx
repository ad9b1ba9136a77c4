import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import { Card } from '@/ui/card/Card';
import { preferences } from '../preferences';
import { queryText, type Query } from '../query';
import { cardOf } from './cardOf';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Card'));

/** A reading and its call on one page, for print. */
export default async function CardPage({ searchParams }: { searchParams: Promise<Query> }) {
  const [{ units }, query] = await Promise.all([preferences(), searchParams]);
  const card = await cardOf(queryText(query), units);
  if (!card) notFound();
  const pdf = `/card/pdf?${card.query}&units=${card.units}`;
  return <Card {...card} back={`/?${card.query}`} pdf={pdf} />;
}
