import type { Message } from './catalogue';

/** The names in braces that a message leaves open: "carry" and "left" of "carried {carry}, {left} left". */
export type Open<M extends string> = M extends `${string}{${infer Name}}${infer Rest}`
  ? Name | Open<Rest>
  : never;

/** What fills a message: a value for each of its names. */
export type Filling<M extends string> = Readonly<Record<Open<M>, string | number>>;

/** Every message of the catalogue in another language, with the same names in braces. */
export type Translation = Readonly<Record<Message, string>>;
