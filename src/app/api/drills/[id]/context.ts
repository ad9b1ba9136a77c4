import { check } from '@/core/contract/check/fault';
import { exactObject, required } from '@/core/contract/check/fields';
import { drillIdField } from '@/core/lesson/drills/drill';

/** What a route of one drill is given. */
export interface DrillContext {
  params: Promise<{ id: string }>;
}

const idSchema = exactObject({ id: required(drillIdField) });

/** The id of the drill that is meant. Throws FaultyInput. */
export const drillId = async ({ params }: DrillContext): Promise<string> =>
  check(idSchema, await params).id;
