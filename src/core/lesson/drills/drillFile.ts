import { fact } from '@/core/ground/fact/fact';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  listField,
  required,
  type Of,
} from '@/core/contract/check/fields';
import { drillFields, drillIdField, MOST_DRILLS, type NamedDrill } from './drill';

export const DRILLS_FORMAT = 'mellow-divot/drills';

export const drillsFileSchema = required(
  exactObject({
    ...formatFields(DRILLS_FORMAT, 1),
    drills: required(
      listField(exactObject({ id: required(drillIdField), ...drillFields }), 1, MOST_DRILLS),
    ),
  }),
);

/** Drills as a file. */
export type DrillsFile = Of<typeof drillsFileSchema>;

/** Drills as a file that {@link readDrillsFile} takes again. */
export const drillsFile = (drills: readonly NamedDrill[]): DrillsFile => ({
  format: DRILLS_FORMAT,
  version: 1,
  drills: [...drills],
});

/** Checks a file of drills: each id stands in it once. Throws FaultyInput. */
export function readDrillsFile(input: unknown): NamedDrill[] {
  const { drills } = check(drillsFileSchema, input);
  const ids = drills.map(({ id }) => id);
  const twice = ids.flatMap((id, i): Fault[] =>
    ids.indexOf(id) === i
      ? []
      : [{ path: `drills[${i}].id`, message: fact('check.twice', { id }) }],
  );
  if (twice.length > 0) throw new FaultyInput(twice);
  return drills;
}
