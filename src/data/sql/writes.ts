/** Words of texts that do more than read; what a coach typed never stands in a text, but beside it. */
const WRITES =
  /\b(insert|update|delete|create|alter|drop|truncate|vacuum|checkpoint|lock|share|nextval|pg_advisory\w*|mellow_(?:take_lesson|append))\b/i;

/** True of a text of statements that may do more than read. */
export const writes = (text: string): boolean => WRITES.test(text);
