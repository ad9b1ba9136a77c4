import type { Fact } from '@/core/ground/fact/fact';

/** Work that is not done although nothing is wrong with what it was given: why, what is at fault, and the status that says so over HTTP. */
export class Refusal extends Error {
  constructor(
    readonly why: Fact,
    /** What is at fault, as in the path of a fault: "database". */
    readonly path: string,
    /** Status of an HTTP answer: 401, 409, 503, 507. */
    readonly status: number,
    options?: ErrorOptions,
  ) {
    super(`${path}: ${JSON.stringify(why)}`, options);
    this.name = new.target.name;
  }
}
