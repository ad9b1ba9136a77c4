import { patternField, textField } from './fields';

/* Ids, days and times as they are written outside. */

/** What ids look like: UUIDs. */
export const UUID = /^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$/;

export const uuidField = patternField(UUID, 'a UUID');

/** Id of a player: made by the product, free text to whoever reads it. */
export const playerIdField = textField(1, 60);

export const timeField = patternField(
  /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:?\d\d)$/,
  'a time as ISO 8601',
);

export const dayField = patternField(/^\d{4}-\d\d-\d\d$/, 'a day as YYYY-MM-DD');
