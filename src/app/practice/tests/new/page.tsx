import { redirect } from 'next/navigation';
import { v4 as uuid } from 'uuid';
import { queryText, type Query } from '../../../query';

export const dynamic = 'force-dynamic';

/** A new test has an id before it is saved: a reload keeps its place. */
export default async function Page({ searchParams }: { searchParams: Promise<Query> }) {
  redirect(`/practice/tests/${uuid()}?${queryText(await searchParams)}`);
}
