import { check } from '@/core/tell/format/fault';
import { exactObject, required } from '@/core/tell/format/fields';
import { drillIdField } from '@/core/lesson/drills/drill';

/** What a route of one drill is given. */
export interface DrillContext {
  params: Promise<{ id: string }>;
}

const idSchema = exactObject({ id: required(drillIdField) });

/** The id of the drill that is meant. Throws FaultyInput. */
export const drillId = async ({ params }: DrillContext): Promise<string> =>
  check(idSchema, await params).id;
