import type { NamedDrill, Drill } from '@/core/lesson/drills/drill';
import { listedDrills, type ListedDrill, type StoredDrill } from '@/core/lesson/drills/chosen';
import { LIBRARY, type LibraryId, type SAID_FIELDS } from '@/core/lesson/drills/library';
import { told } from '../language/told';

/* Drills of the library in words. Lengths are told in hands, balls and paces, so that they read alike in any units. */

type Said = Pick<Drill, (typeof SAID_FIELDS)[number]>;

const WORDS: Record<LibraryId, Said> = told({
  line: {
    name: 'Line in the sand',
    brief: 'Line in the sand: make every divot start on it, trail heel light.',
    purpose: 'The club enters where you mean it to. Nothing else in a bunker is worth as much.',
    steps: [
      'Draw a line across the line of play and stand with it where the ball call puts the entry point.',
      'No ball: make each divot start on the line. Move up the line after every swing.',
      'Five in a row, then put a ball two balls’ width ahead of the line and forget it is there.',
    ],
    counts: 'divots that start on the line',
    easier: 'Half swings without a ball.',
    harder: 'Look at the flag, not the line, for the last three.',
  },
  'two-lines': {
    name: 'In at one, out past the other',
    brief: 'Two lines a hand apart: enter at the first, exit past the second.',
    purpose: 'A shallow, long divot and a club that keeps moving.',
    steps: [
      'Draw two lines a hand apart, the ball just ahead of the first.',
      'Enter at the first line and come out past the second.',
      'Hold the finish until the sand has landed.',
    ],
    counts: 'divots from the first line to past the second',
    easier: 'No ball, and the lines half a hand closer.',
    harder: 'The second line half a hand further.',
  },
  box: {
    name: 'Take the box out',
    brief: 'Draw a box round the ball and blast the whole box out.',
    purpose: 'Sand is the target, the ball only rides on it.',
    steps: [
      'Draw a box about a hand long with the ball in the middle.',
      'Throw the whole box onto the green.',
      'Look at what is left of the box before you look for the ball.',
    ],
    counts: 'boxes taken out whole',
    easier: 'Without a ball.',
    harder: 'A box one ball shorter.',
  },
  tee: {
    name: 'Cut the tee',
    brief: 'Imaginary tee pushed in under the ball: cut it below its cup.',
    purpose: 'The same depth under the ball every time, without fear of the sand.',
    steps: [
      'Push a tee into the sand until only the ball shows.',
      'Clip the tee off below its cup. The ball will come out by itself.',
      'Take the tee away and swing as if it were there.',
    ],
    counts: 'tees cut, then balls out with the same divot',
    easier: 'Leave the ball a little higher.',
    harder: 'No tee for the last four.',
  },
  dent: {
    name: 'Aim at the dent',
    brief: 'Press a second ball into the sand behind yours, take it away, and hit the dent.',
    purpose: 'Eyes on the sand where the club goes in.',
    steps: [
      'Press a ball into the sand just behind yours and take it away.',
      'Look at the dent, and hit it.',
      'Check that the dent is gone, not just the ball.',
    ],
    counts: 'dents hit out',
    easier: 'Without the ball in front.',
    harder: 'Half a ball closer.',
  },
  'low-iron': {
    name: 'Splash with a long iron',
    brief: 'Low-handle iron: splash with a long iron, handle low, face wide open.',
    purpose: 'Handle low and face open become a habit when the club has no loft to help.',
    steps: [
      'Take a long iron. Open the face wide, then take your grip, and lower the handle.',
      'Splash the ball over a low lip. It needs more speed than you think.',
      'Go back to your wedge for three balls and feel how much easier it is.',
    ],
    counts: 'balls out with the iron',
    easier: 'A middle iron.',
    harder: 'A lip one step higher.',
  },
  'sand-on-face': {
    name: 'Sand on the face',
    brief: 'A pinch of sand kept on the face and tossed behind you as you swing back.',
    purpose: 'The face stays open while the club goes back.',
    steps: [
      'Balance a pinch of sand on the open face.',
      'Swing back slowly and toss it straight behind you.',
      'Then a ball, with the same start of the swing.',
    ],
    counts: 'tosses that go straight back',
    easier: 'Only to hip height.',
    harder: 'Toss and swing through in one move.',
  },
  'club-ladder': {
    name: 'Club ladder',
    brief: 'Ladder: same swing, next club, and write down how far each one carries.',
    purpose: 'Distance comes from the club, not from effort.',
    steps: [
      'Same set-up and same length of swing for every club.',
      'Three balls with the most lofted wedge, then the next, then the next.',
      'Pace the carries and write them on your card.',
    ],
    counts: 'balls that carry further than the club before',
    easier: 'Two clubs.',
    harder: 'Call the carry before each ball.',
  },
  'swing-ladder': {
    name: 'Swing ladder',
    brief: 'Ladder: same club, next length of swing, up and down again.',
    purpose: 'Three lengths of swing that each have a carry of their own.',
    steps: [
      'One club. Lead arm to eight o’clock, to nine, to ten: the tempo stays.',
      'One ball at each length, up and down again.',
      'Finish as far through as you went back.',
    ],
    counts: 'balls that land in the band meant',
    easier: 'Two lengths.',
    harder: 'Have somebody call the length as you settle in.',
  },
  'ten-out': {
    name: 'Ten in a row',
    brief: 'Ten in a row out. One that stays in, and you start again.',
    purpose: 'Out comes first. It counts most when nine have gone before.',
    steps: [
      'A fair lie and a lip you know.',
      'Count aloud. A ball that stays in takes you back to one.',
      'Stop after thirty balls, wherever you are.',
    ],
    counts: 'balls out',
    easier: 'Five in a row.',
    harder: 'All ten have to finish on the green.',
  },
  'worst-ball': {
    name: 'Worse of two',
    brief: 'Two balls from each lie: play on with the worse of the two.',
    purpose: 'Your bad one is what your score is made of.',
    steps: [
      'Hit two balls from one lie.',
      'Putt the worse one out.',
      'Five lies; write down the strokes.',
    ],
    counts: 'lies up and down with the worse ball',
    easier: 'The better of two.',
    harder: 'Three balls, play the worst.',
  },
  'random-lies': {
    name: 'Random lies',
    brief: 'Toss the balls over your shoulder and play each as it lies.',
    purpose: 'A course never gives you the same lie twice.',
    steps: [
      'Toss ten balls into the bunker with your back to it.',
      'Before each, say club, face and entry point aloud.',
      'One ball each, no second go.',
    ],
    counts: 'balls out and on the green',
    easier: 'Leave the plugged ones.',
    harder: 'A new flag for every ball.',
  },
  'one-ball': {
    name: 'One ball for score',
    brief: 'One ball, nine lies, every ball putted out: count the strokes.',
    purpose: 'Practice that feels like the course.',
    steps: [
      'Walk from lie to lie with one ball, wedge and putter.',
      'Full routine for every ball. Putt out.',
      'Write down the strokes of all nine.',
    ],
    counts: 'up and downs',
    easier: 'Fair lies only.',
    harder: 'A penalty stroke for anything left in.',
  },
  gate: {
    name: 'Gate on the start line',
    brief: 'Gate on the start line, a few paces ahead: start every ball through it.',
    purpose: 'Aim and face agree.',
    steps: [
      'Stand two rakes or sticks on the bank, a club’s length apart, on the line you want to start on.',
      'Set feet and face for the call.',
      'Start every ball through the gate.',
    ],
    counts: 'balls that start through the gate',
    easier: 'A gate twice as wide.',
    harder: 'Half as wide, or the face opened further.',
  },
  'same-depth': {
    name: 'Same depth, five times',
    brief: 'Box without a ball: the same depth five times.',
    purpose: 'Feet that hold still make matching divots.',
    steps: [
      'Dig the feet in until they stop moving.',
      'Five boxes side by side, no ball.',
      'Lay a tee in each divot: the depths should agree to its head.',
    ],
    counts: 'divots as deep as the first',
    easier: 'Half swings.',
    harder: 'The same in firm sand.',
  },
  'feet-together': {
    name: 'Feet together',
    brief: 'Box without a ball, feet together.',
    purpose: 'Sway with your feet together and you fall over.',
    steps: [
      'Feet together, dug in a little.',
      'Half swings through the box, quiet below the waist.',
      'Widen the stance, same quiet legs, and add a ball.',
    ],
    counts: 'swings in balance with the box gone',
    easier: 'Quarter swings.',
    harder: 'Trail foot on its toe.',
  },
  'lead-side': {
    name: 'Trail heel up',
    brief: 'Trail heel off the sand from start to finish: weight stays on the lead foot.',
    purpose: 'The low point stays ahead of where you stand.',
    steps: [
      'Lift the trail heel; most of the weight is on the lead foot.',
      'Swing and finish there. Divot on the line.',
      'Heel back down, and keep the same feeling.',
    ],
    counts: 'divots on the line in balance',
    easier: 'Heel just brushing the sand.',
    harder: 'Trail foot drawn back behind you.',
  },
  'hold-finish': {
    name: 'Hold the finish',
    brief: 'Through to a full finish, held until the ball stops.',
    purpose: 'A club that is on its way to the finish does not stop in the sand.',
    steps: [
      'Swing as far through as you went back, at least.',
      'Hold it until the ball has stopped.',
      'If you cannot hold it, it was too hard or off balance.',
    ],
    counts: 'finishes held, ball out',
    easier: 'Without a ball.',
    harder: 'On an upslope or a downslope.',
  },
  'towards-the-face': {
    name: 'Towards the face',
    brief: 'Start well away from a high lip and come one pace closer after every three out.',
    purpose: 'To know how close is too close, before it costs a stroke.',
    steps: [
      'Begin four paces from the face. Three balls out, and you come a pace closer.',
      'Open the face and stance a little more with every pace.',
      'Where two of three stay in is your limit: from there you play sideways.',
    ],
    counts: 'balls over the lip',
    easier: 'A lip to the knee.',
    harder: 'Every ball has to stop on the green.',
  },
  buried: {
    name: 'Fried egg and plugged',
    brief: 'Fried egg and plugged: three of each, at half effort to begin with.',
    purpose: 'To get out first time, and to know how far such a ball runs.',
    steps: [
      'Press the ball in until half of it shows, then until only the top does.',
      'Squarer face, weight forward, straight down behind the ball.',
      'Pace how far each one rolls.',
    ],
    counts: 'balls out first time',
    easier: 'A ball that is only sitting down.',
    harder: 'Less green to work with.',
  },
  'four-slopes': {
    name: 'Four slopes',
    brief: 'Upslope, downslope, ball above and ball below the feet: two balls each.',
    purpose: 'Shoulders along the slope, and the right miss in mind.',
    steps: [
      'Upslope: shoulders along it, longer swing. Downslope: the same, and chase it down the slope.',
      'Ball above the feet: grip down and aim away. Ball below: sit down and stay down.',
      'Say before each ball which way a miss will go.',
    ],
    counts: 'balls out and on the green',
    easier: 'Gentle slopes.',
    harder: 'A flag on the short side.',
  },
  'long-bands': {
    name: 'Long bands',
    brief: 'Long ones: three bands, one club each, ball first with a touch of sand.',
    purpose: 'A chart of your own for the shot nobody practises.',
    steps: [
      'Three bands, one after another. Choose one club for each.',
      'Four balls a band, then change.',
      'Write down club, swing and carry: that is your chart.',
    ],
    counts: 'balls that carry within the band',
    easier: 'The nearest two bands.',
    harder: 'Change the band after every ball.',
  },
  'both-and-see': {
    name: 'Try both and see',
    brief: 'Two clubs, the same shot, five balls each: keep the one that finishes closer.',
    purpose: 'Your balls decide which club is yours from here.',
    steps: [
      'One lie, one flag, two clubs.',
      'Five balls with each, in turn.',
      'Pace the five of each: the closer club is yours for this shot.',
    ],
    counts: 'balls within two paces of the flag',
    easier: 'A wide green.',
    harder: 'A different lie for every pair.',
  },
});

/** The library as it is read, in the language in force. */
export const libraryDrills = (): NamedDrill[] =>
  LIBRARY.map(({ id, trains, cures, marks, ...drill }) => ({
    id,
    ...drill,
    trains: [...trains],
    cures: [...cures],
    marks: [...marks],
    ...WORDS[id],
  }));

/** The library with what coaches changed of it and added to it. */
export const drillsWith = (stored: readonly StoredDrill[]): ListedDrill[] =>
  listedDrills(stored, libraryDrills());

/** A drill of the library. Throws RangeError for an id that it does not have. */
export function libraryDrill(id: string): NamedDrill {
  const drill = libraryDrills().find((each) => each.id === id);
  if (!drill) throw new RangeError(`there is no drill "${id}" in the library`);
  return drill;
}
