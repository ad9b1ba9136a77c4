/** True for the text of a UUID, the only kind of id that the database would take. */
export const isId = (text: string): boolean =>
  /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
