/** What stands at the foot of everything that is handed over. */
export const RULES_FOOT =
  'Lines and marks in the sand are for practice areas only; in play no touching the sand before the stroke. The Rules of Golf in force and Local Rules decide; what a body may do, a coach, doctor or physiotherapist decides.';
