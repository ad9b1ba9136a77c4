import { UUID } from '@/core/contract/check/ids';

/** True for the text of a UUID, the only kind of id that the database would take. */
export const isId = (text: string): boolean => UUID.test(text);
