/** Techniques, and why one does not suit, in German. */
export const TECHNIQUES = {
  splash: 'Splash',
  'splash, face nearly square': 'Splash, Schlagfläche fast gerade',
  'long, less sand': 'lang, weniger Sand',
  'picked clean': 'sauber genommen',
  'face closed so that the edge cuts: the deeper and firmer, the more':
    'Schlagfläche geschlossen, damit die Kante schneidet: je tiefer und fester, desto mehr',
  'square and steep, well behind, stay down': 'gerade und steil, deutlich dahinter, unten bleiben',
  'as open as the depth allows': 'so offen, wie die Tiefe es erlaubt',
  'face almost shut, the toe cuts in first': 'Schlagfläche fast zu, die Spitze schneidet zuerst',
  'heel leads into the sand, ball forward': 'die Ferse geht zuerst in den Sand, Ball vorn',
  'a 7 to 9 iron opened, up the slope': 'ein Eisen 7 bis 9, geöffnet, den Hang hinauf',
  'square, quiet hands, chipped with a thump':
    'gerade, ruhige Hände, mit einem Schlag auf den Sand gechippt',
  'standard set-up, a little more weight forward':
    'übliche Ansprechposition, etwas mehr Gewicht vorn',
  'the club with the least bounce': 'der Schläger mit dem wenigsten Bounce',
  'chipped low and run: ball back, still body':
    'flach gechippt und gerollt: Ball hinten, Körper ruhig',
  'feet open, swing along them': 'Füße offen, an ihnen entlang schwingen',
  'square stance, face only as open as the height needs':
    'gerader Stand, Schlagfläche nur so offen, wie die Höhe es braucht',
  'face nearly square, clubhead passes the hands':
    'Schlagfläche fast gerade, der Schlägerkopf überholt die Hände',
  'handle low and back, ball at the lead heel, sole laid flat':
    'Griff tief und zurück, Ball an der vorderen Ferse, Sohle flach gelegt',
  'upright shaft, body low, weight well forward':
    'aufrechter Schaft, Körper tief, Gewicht deutlich vorn',
  'hands a little ahead, face open': 'Hände etwas voraus, Schlagfläche offen',
  'face held open through the sand, trail palm up':
    'Schlagfläche im Sand offen gehalten, hintere Handfläche nach oben',
  'same motion for every shot, toe released':
    'dieselbe Bewegung für jeden Schlag, Spitze dreht durch',
  'same entry point and face, swing length sets the distance':
    'gleicher Eintrittspunkt und gleiche Schlagfläche, die Schwunglänge macht die Weite',
  'same swing, the club sets the distance': 'gleicher Schwung, der Schläger macht die Weite',
  'same swing, less sand to go further': 'gleicher Schwung, weniger Sand für mehr Weite',
  'same swing and entry point, more open to go shorter':
    'gleicher Schwung und Eintrittspunkt, offener für weniger Weite',
  'body tilted with the upslope, weight back': 'Körper am Hang bergauf gekippt, Gewicht hinten',
  'leaning into the upslope, early hinge, ball pops up':
    'in den Hang gelehnt, früh gewinkelt, der Ball springt hoch',
  'shoulders down the slope, early hinge, chase the ball down it':
    'Schultern am Hang bergab, früh gewinkelt, dem Ball den Hang hinunter folgen',
  'less loft, the same smooth swing': 'weniger Loft, derselbe ruhige Schwung',
  'squarer sand wedge, less sand, full swing': 'Sandwedge gerader, weniger Sand, voller Schwung',
  'most loft, face open, as hard as you can': 'meister Loft, Schlagfläche offen, so hart du kannst',
  'out and forward first, then the green': 'erst heraus und nach vorn, dann aufs Grün',
  'hit down on a ball that sits down: ball back, hands ahead, ball then sand':
    'auf einen tiefer liegenden Ball hinunter: Ball hinten, Hände vorn, erst Ball, dann Sand',
  'picked clean: on top of the sand, quiet legs, ball first':
    'sauber genommen: oben auf dem Sand, ruhige Beine, erst der Ball',
  'swept off the top for a low lip: ball a little forward, hardly down':
    'von oben gewischt bei niedriger Kante: Ball etwas vorn, kaum nach unten',
  'putted: firm sand, no lip, harder than it looks':
    'geputtet: fester Sand, keine Kante, fester, als es aussieht',
  'out the easiest way, then play on': 'auf dem leichtesten Weg heraus, dann weiter',
  'unplayable, dropped in the bunker': 'unspielbar, im Bunker gedroppt',
  'unplayable, dropped back on the line outside':
    'unspielbar, auf der Linie dahinter außerhalb gedroppt',
};
