/** A general adaptive Runge-Kutta solver, used by the benchmark only; it ships without types. */
declare module 'ode45-cash-karp' {
  interface Integrator {
    y: number[];
    t: number;
    step: () => boolean;
    /** Steps until time `limit`, hitting it exactly. */
    steps: (count: number, limit: number) => boolean;
  }
  export default function ode45(
    y0: number[],
    derivatives: (out: number[], y: number[], t: number) => void,
    t0: number,
    dt0: number,
    options?: { tol?: number; dtMaxMag?: number },
  ): Integrator;
}
