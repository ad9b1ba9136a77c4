import { redirect } from 'next/navigation';
import { v4 as uuid } from 'uuid';
import { queryText, type Query } from '../../query';

export const dynamic = 'force-dynamic';

/** A new plan has an id before it is saved: a reload keeps what was typed. */
export default async function Page({ searchParams }: { searchParams: Promise<Query> }) {
  redirect(`/practice/${uuid()}?${queryText(await searchParams)}`);
}
