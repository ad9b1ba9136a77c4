import { told } from '../language/told';

/** Techniques by the ids of their schools, as said aloud: "feet open, swing along them". */
const TECHNIQUES: Readonly<Record<string, string>> = told({
  across: 'feet open, swing along them',
  parallel: 'square stance, face only as open as the height needs',
  'neutral-release': 'face nearly square, clubhead passes the hands',
  slide: 'handle low and back, ball at the lead heel, sole laid flat',
  upright: 'upright shaft, body low, weight well forward',
  'hands-ahead': 'hands a little ahead, face open',
  'held-open': 'face held open through the sand, trail palm up',
  'turned-over': 'same motion for every shot, toe released',
  'same-sand': 'same entry point and face, swing length sets the distance',
  'same-swing': 'same swing, the club sets the distance',
  'closer-sand': 'same swing, less sand to go further',
  'open-to-shorten': 'same swing and entry point, more open to go shorter',
  'with-the-slope': 'body tilted with the upslope, weight back',
  'into-the-slope': 'leaning into the upslope, early hinge, ball pops up',
  'down-the-slope': 'shoulders down the slope, early hinge, chase the ball down it',
  'less-loft': 'less loft, the same smooth swing',
  'squarer-sand-wedge': 'squarer sand wedge, less sand, full swing',
  'full-commitment': 'most loft, face open, as hard as you can',
  'forward-first': 'out and forward first, then the green',
  pick: 'picked clean: on top of the sand, quiet legs, ball first',
  sweep: 'swept off the top for a low lip: ball a little forward, hardly down',
  'hit-down': 'hit down on a ball that sits down: ball back, hands ahead, ball then sand',
  'sharp-edge': 'face closed so that the edge cuts: the deeper and firmer, the more',
  'square-steep': 'square and steep, well behind, stay down',
  graded: 'as open as the depth allows',
  'toe-in': 'face almost shut, the toe cuts in first',
  'heel-first': 'heel leads into the sand, ball forward',
  'less-loft-on-the-slope': 'a 7 to 9 iron opened, up the slope',
  'square-and-chip': 'square, quiet hands, chipped with a thump',
  'more-thud': 'standard set-up, a little more weight forward',
  'change-the-sole': 'the club with the least bounce',
  'run-it-up': 'chipped low and run: ball back, still body',
  'putt-it': 'putted: firm sand, no lip, harder than it looks',
  'sideways-first': 'out the easiest way, then play on',
  'relief-in-the-bunker': 'unplayable, dropped in the bunker',
  'relief-back-on-the-line': 'unplayable, dropped back on the line outside',
});

/**
 * A technique as it is said, by the id of its school; the id when there is no such school.
 *
 * @example
 * techniqueName('nobody knows'); // => 'nobody knows'
 */
export const techniqueName = (id: string): string => TECHNIQUES[id] ?? id;
