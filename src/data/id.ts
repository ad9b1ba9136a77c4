import { UUID } from '@/core/tell/format/ids';

/** True for the text of a UUID, the only kind of id that the database would take. */
export const isId = (text: string): boolean => UUID.test(text);
