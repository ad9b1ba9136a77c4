/** Techniques, and why one does not suit, in German. */
export const TECHNIQUES = {
  'The ball does not sit on top of the sand.': 'Der Ball liegt nicht oben auf dem Sand.',
  'The sand is too soft to roll a ball through.':
    'Der Sand ist zu weich, um einen Ball hindurchzurollen.',
  'The lip stops a rolling ball.': 'Die Kante hält einen rollenden Ball auf.',
  'There is too much sand to roll through.': 'Es liegt zu viel Sand im Weg.',
  'One penalty stroke and a clean lie in the same sand, further from the lip.':
    'Ein Strafschlag und eine saubere Lage im selben Sand, weiter weg von der Kante.',
  'Two penalty strokes and a ball on grass behind the bunker.':
    'Zwei Strafschläge und ein Ball auf Gras hinter dem Bunker.',
  'The bag has no club that this school would use.':
    'Im Bag ist kein Schläger, den diese Technik nehmen würde.',
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
  'The ball sits too deep to be splashed out this way.':
    'Der Ball liegt zu tief, um so herausgesplasht zu werden.',
  'The ball sits down: it cannot be met cleanly.':
    'Der Ball liegt tiefer: er ist nicht sauber zu treffen.',
  'For a ball that is half under or more; this one sits higher.':
    'Für einen Ball, der halb oder tiefer im Sand steckt; dieser liegt oben.',
  'Not for soft sand: a square face digs.':
    'Nicht für weichen Sand: Eine gerade Schlagfläche gräbt sich ein.',
  'Too far to putt.': 'Zu weit zum Putten.',
  'Not for firm, wet or thin sand.': 'Nicht für festen, nassen oder dünnen Sand.',
  'Not for thin sand: the edge meets the base.':
    'Nicht für dünnen Sand: Die Kante trifft auf den harten Grund.',
  'A slope as steep as this has techniques of its own.':
    'Für einen so steilen Hang gibt es eigene Techniken.',
  'For firm, wet or thin sand; this sand takes a splash.':
    'Für festen, nassen oder dünnen Sand; dieser Sand verträgt einen Splash.',
  'For a ball on an up-slope.': 'Für einen Ball, der bergauf liegt.',
  'For a ball on a down-slope.': 'Für einen Ball, der bergab liegt.',
  'There is no sand to slide the club through.':
    'Es ist kein Sand da, durch den der Schläger gleiten könnte.',
  'The lip is too high for a ball kept low.': 'Die Kante ist zu hoch für einen flachen Ball.',
  'For greenside shots.': 'Für Schläge am Grün.',
  'square, quiet hands, chipped with a thump':
    'gerade, ruhige Hände, mit einem Schlag auf den Sand gechippt',
  'standard set-up, a little more weight forward':
    'übliche Ansprechposition, etwas mehr Gewicht vorn',
  'the club with the least bounce': 'der Schläger mit dem wenigsten Bounce',
  'Too far to run.': 'Zu weit zum Rollen.',
  'chipped low and run: ball back, still body':
    'flach gechippt und gerollt: Ball hinten, Körper ruhig',
  'Too far for a greenside splash.': 'Zu weit für einen Splash am Grün.',
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
  'For longer shots; this one is too near.': 'Für weitere Schläge; dieser ist zu nah.',
  'From this far a clean ball is picked, not splashed.':
    'Von so weit wird ein sauber liegender Ball sauber genommen, nicht gesplasht.',
  'less loft, the same smooth swing': 'weniger Loft, derselbe ruhige Schwung',
  'squarer sand wedge, less sand, full swing': 'Sandwedge gerader, weniger Sand, voller Schwung',
  'most loft, face open, as hard as you can': 'meister Loft, Schlagfläche offen, so hart du kannst',
  'From this near it should not be picked.':
    'Aus dieser Nähe soll er nicht sauber genommen werden.',
  'The ball sits up: it can be picked clean.': 'Der Ball liegt oben: er ist sauber zu nehmen.',
  'For a level lie.': 'Für eine ebene Lage.',
  'The slope is too steep to meet the ball first.':
    'Der Hang ist zu steil, um den Ball zuerst zu treffen.',
  'For a green that is far; this one is near.': 'Für ein fernes Grün; dieses ist nah.',
  'From here it is splashed.': 'Von hier wird er gesplasht.',
  'out and forward first, then the green': 'erst heraus und nach vorn, dann aufs Grün',
  'hit down on a ball that sits down: ball back, hands ahead, ball then sand':
    'auf einen tiefer liegenden Ball hinunter: Ball hinten, Hände vorn, erst Ball, dann Sand',
  'picked clean: on top of the sand, quiet legs, ball first':
    'sauber genommen: oben auf dem Sand, ruhige Beine, erst der Ball',
  'swept off the top for a low lip: ball a little forward, hardly down':
    'von oben gewischt bei niedriger Kante: Ball etwas vorn, kaum nach unten',
  'For long fairway shots; this one is too near.':
    'Für lange Schläge vom Fairwaybunker; dieser ist zu nah.',
  'putted: firm sand, no lip, harder than it looks':
    'geputtet: fester Sand, keine Kante, fester, als es aussieht',
  'out the easiest way, then play on': 'auf dem leichtesten Weg heraus, dann weiter',
  'unplayable, dropped in the bunker': 'unspielbar, im Bunker gedroppt',
  'unplayable, dropped back on the line outside':
    'unspielbar, auf der Linie dahinter außerhalb gedroppt',
};
