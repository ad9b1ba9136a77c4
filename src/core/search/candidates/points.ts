/**
 * Which points every choice is made on, whatever the seed of a question: another seed is no reason to call another club. As good
 * as others on situations that nothing else was tuned to; what hangs on it is tried by `npm run bench`.
 */
export const POINTS = 5;
