/** Balls, players, homework, faults and reviews, in German. */
export const LESSONS = {
  'Entry point behind the ball': 'Eintrittspunkt hinter dem Ball',
  Carried: 'Carry',
  'Finished along the line': 'Auf der Linie liegen geblieben',
  'Right of the line (minus for left)': 'Rechts der Linie (minus für links)',
  'Length of the divot': 'Länge des Divots',
  'Depth of the divot': 'Tiefe des Divots',
  Height: 'Höhe',
  carry: 'Carry',
  left: 'links',
  right: 'rechts',
  height: 'Höhe',
  'face square': 'Schlagfläche gerade',
  'face to {face}': 'Schlagfläche auf {face}',
  'enter {length} behind': 'Eintritt {length} dahinter',
  'ball first': 'erst der Ball',
  '{club}, {face}, swing to {swing}, {mark}, for {carry}':
    '{club}, {face}, Schwung bis {swing}, {mark}, für {carry}',
  'entered {far} {unit} behind the ball': 'Eintritt {far} {unit} hinter dem Ball',
  'entered {far} {unit} past the ball': 'Eintritt {far} {unit} vor dem Ball',
  behind: 'dahinter',
  'carried {carry}': 'Carry {carry}',
  'on line': 'auf der Linie',
  'stopped at {along}, {side}': 'liegt bei {along}, {side}',
  holed: 'eingelocht',
  'then {strokes}': 'dann {strokes}',
  stroke: 'Schlag',
  strokes: 'Schläge',
  'changed: {changed}': 'geändert: {changed}',
  good: 'gut',
  thin: 'dünn',
  heavy: 'fett',
  lip: 'Kante',
  heel: 'Ferse',
  'within a pace': 'auf einen Schritt',
  'within {paces} paces': 'auf {paces} Schritte',
  'out, further away': 'heraus, weiter weg',
  'stayed in': 'liegen geblieben',
  point: 'Punkt',
  points: 'Punkte',
  '{said} or more': '{said} oder mehr',
  '{said} or better': '{said} oder besser',
  'Plays from bunkers like a handicap of {said} ({first} to {last}).':
    'Spielt aus Bunkern wie mit Handicap {said} ({first} bis {last}).',
  'Better by about {by}, which may be luck.{wanted}':
    'Um etwa {by} besser, vielleicht durch Glück.{wanted}',
  'Not as good by about {by}, which may be luck.{wanted}':
    'Um etwa {by} schlechter, vielleicht durch Pech.{wanted}',
  'head coach': 'Cheftrainer',
  'sees and does everything': 'sieht und darf alles',
  coach: 'Trainer',
  'sees their own players, and players no coach has been given':
    'sieht die eigenen Spieler und die, die niemandem zugeteilt sind',
  assistant: 'Assistent',
  'runs the open lessons and logs their balls':
    'leitet die offenen Stunden und schreibt ihre Bälle auf',
  'height of the lip': 'Höhe der Kante',
  lie: 'Lage',
  sand: 'Sand',
  slope: 'Hang',
  club: 'Schläger',
  'swing length': 'Schwunglänge',
  level: 'eben',
  uphill: 'bergauf',
  downhill: 'bergab',
  'ball above the feet': 'Ball über den Füßen',
  'ball below the feet': 'Ball unter den Füßen',
  'closed|face': 'geschlossen',
  square: 'gerade',
  'slightly open': 'leicht offen',
  'open|face': 'offen',
  'wide open': 'weit offen',
  'full|swing': 'voll',
  'Under the feet: {feel}.': 'Unter den Füßen: {feel}.',
  'In a rehearsal outside the sand the club brushes the ground early.':
    'Beim Probeschwung neben dem Sand streift der Schläger den Boden früh.',
  'In a rehearsal outside the sand the club brushes the ground late.':
    'Beim Probeschwung neben dem Sand streift der Schläger den Boden spät.',
  'In a rehearsal outside the sand the club brushes the ground under the lead ear.':
    'Beim Probeschwung neben dem Sand streift der Schläger den Boden unter dem vorderen Ohr.',
  sharp: 'sicher',
  'good|ability': 'gut',
  fair: 'ordentlich',
  shaky: 'wackelig',
  weak: 'schwach',
  'too few scenes': 'zu wenige Szenen',
  'All of the ball shows.': 'Der ganze Ball ist zu sehen.',
  'Most of the ball shows.': 'Das meiste vom Ball ist zu sehen.',
  'A little more than half of the ball shows, with a rim round it.':
    'Etwas mehr als die Hälfte des Balls ist zu sehen, mit einem Rand darum.',
  'A third of the ball shows.': 'Ein Drittel des Balls ist zu sehen.',
  'Only the crown of the ball shows.': 'Nur die Kuppe des Balls ist zu sehen.',
  '“{look}” (no)': '„{look}“ (nein)',
  '“{look}” (yes)': '„{look}“ (ja)',
  'Is the weight on the trail foot as the club goes through?':
    'Ist das Gewicht auf dem hinteren Fuß, wenn der Schläger durchgeht?',
  'Do the head and chest rise before the ball has gone?':
    'Heben sich Kopf und Brust, bevor der Ball weg ist?',
  'Does the club slow down into the sand, with the finish cut short?':
    'Wird der Schläger in den Sand hinein langsamer, bricht das Finish ab?',
  'Is the backswing shorter than the call?': 'Ist der Ausholschwung kürzer als in der Ansage?',
  'Is the ball further back in the stance than the call?':
    'Liegt der Ball im Stand weiter hinten als in der Ansage?',
  'Is the ball further forward than the call?': 'Liegt der Ball weiter vorn als in der Ansage?',
  'Is the face more closed at address or turned over through the sand?':
    'Ist die Schlagfläche beim Ansprechen geschlossener oder wird sie im Sand umgelegt?',
  'Is the face more open than the call?': 'Ist die Schlagfläche offener als in der Ansage?',
  'Do the hands lead far ahead of the ball at address?':
    'Sind die Hände beim Ansprechen weit vor dem Ball?',
  'Do the knees and hips slide along the line?': 'Rutschen Knie und Hüften auf der Linie mit?',
  'Does the club come down steeply and stop in the sand?':
    'Kommt der Schläger steil herunter und bleibt im Sand stehen?',
  'Does the club come in flat, brushing or skipping along the sand?':
    'Kommt der Schläger flach herein, streift oder springt er über den Sand?',
  'Do the feet slip or turn in the sand?': 'Rutschen oder drehen sich die Füße im Sand?',
  'Do the feet and shoulders aim further to the lead side than the call?':
    'Zielen Füße und Schultern weiter auf die vordere Seite als in der Ansage?',
  'Do the feet and shoulders aim to the trail side of the call?':
    'Zielen Füße und Schultern auf die hintere Seite der Ansage?',
  'Is the swing quicker or longer than the call?':
    'Ist der Schwung schneller oder länger als in der Ansage?',
  'weight hangs back': 'Gewicht bleibt hinten',
  'Weight forward before the swing, and leave it there.':
    'Gewicht vor dem Schwung nach vorn, und dort lassen.',
  'slows down into the sand': 'wird in den Sand hinein langsamer',
  'Longer swing, same tempo, through to the finish.':
    'Längerer Schwung, gleiches Tempo, durch bis ins Finish.',
  'swing too short for the shot': 'Schwung kürzer, als der Schlag verlangt',
  'Lead arm to the clock in the call: the swing you would make for that pitch.':
    'Vorderer Arm auf die Uhrzeit der Ansage: der Schwung, den du für diesen Pitch machen würdest.',
  'ball too far back': 'Ball zu weit hinten',
  'Move the ball forward to the position in the call.':
    'Den Ball nach vorn an die Stelle der Ansage legen.',
  'ball too far forward for the weight': 'Ball für das Gewicht zu weit vorn',
  'Ball back a little, or more weight on the lead foot.':
    'Ball etwas zurück, oder mehr Gewicht auf den vorderen Fuß.',
  'face closed, hands ahead: the leading edge digs':
    'Schlagfläche geschlossen, Hände voraus: die Vorderkante gräbt',
  'Open the face first, then take your grip; handle back to the middle.':
    'Erst die Schlagfläche öffnen, dann greifen; den Griff zurück zur Mitte.',
  'face laid open past the call': 'Schlagfläche weiter offen als in der Ansage',
  'Face back to the clock in the call.': 'Die Schlagfläche zurück auf die Uhrzeit der Ansage.',
  'too little sand: rises off the shot': 'zu wenig Sand: richtet sich im Schlag auf',
  'Stay down; cut the tee under the ball.': 'Unten bleiben; das Tee unter dem Ball durchtrennen.',
  'comes down too steeply': 'kommt zu steil herunter',
  'Wider and lower back, weight even, sole along the sand.':
    'Breiter und flacher zurück, Gewicht gleichmäßig, die Sohle am Sand entlang.',
  'comes in too shallow': 'kommt zu flach herein',
  'Hinge earlier, a little more weight forward, cut under the ball.':
    'Früher winkeln, etwas mehr Gewicht vorn, unter dem Ball durch.',
  'lower body slides': 'Unterkörper rutscht',
  'Quiet legs, knees stay over the feet.': 'Ruhige Beine, die Knie bleiben über den Füßen.',
  'feet not dug in': 'Füße nicht eingegraben',
  'aimed to the lead side': 'auf die vordere Seite ausgerichtet',
  'Feet to the aim of the call; swing along them.':
    'Füße in die Richtung der Ansage; an ihnen entlang schwingen.',
  'aimed to the trail side': 'auf die hintere Seite ausgerichtet',
  'Open feet and shoulders to the aim of the call.':
    'Füße und Schultern bis zur Richtung der Ansage öffnen.',
  'swing too long or too quick for the shot':
    'Schwung länger oder schneller, als der Schlag verlangt',
  'Lead arm to the clock of the call, finish as far through as back.':
    'Vorderer Arm auf die Uhrzeit der Ansage, so weit durch wie zurück.',
  'nothing unusual': 'nichts Ungewöhnliches',
  'Normal misses for this level: keep going.':
    'Übliche Fehlschläge für diese Spielstärke: weitermachen.',
  'something else': 'etwas anderes',
  'Look at the whole swing before changing anything.':
    'Den ganzen Schwung ansehen, bevor etwas geändert wird.',
  'where the club enters': 'wo der Schläger in den Sand geht',
  'how much the entry point varies': 'wie sehr der Eintrittspunkt schwankt',
  'distance for the entry point': 'Weite für den Eintrittspunkt',
  'how much the distance varies': 'wie sehr die Weite schwankt',
  'With a dozen answers, the true cause is among the first three in nine lessons out of ten.':
    'Nach einem Dutzend Antworten steht die wahre Ursache in neun von zehn Stunden unter den ersten drei.',
  'how far the ball runs': 'wie weit der Ball rollt',
  'where the ball starts': 'wo der Ball startet',
  'how much the start direction varies': 'wie sehr die Startrichtung schwankt',
  'how often it is thin': 'wie oft er dünn ist',
  'how often it stays in the bunker': 'wie oft er im Bunker bleibt',
  'depth of the divot': 'Tiefe des Divots',
  'length of the divot': 'Länge des Divots',
  'Bunker practice: {playerName}': 'Bunkertraining: {playerName}',
  'Better than at the start, by {low} to {high} balls in 100.':
    'Besser als am Anfang, um {low} bis {high} Bälle von 100.',
  'Not as good as at the start, by {low} to {high} balls in 100.':
    'Nicht so gut wie am Anfang, um {low} bis {high} Bälle von 100.',
  'No clear change yet.': 'Noch keine klare Veränderung.',
  'the entry point': 'der Eintrittspunkt',
  'the distance': 'die Weite',
  'the direction': 'die Richtung',
  'Something changed after ball {after}, most of all {what}. These numbers come from the balls since then.':
    'Nach Ball {after} hat sich etwas geändert, vor allem {what}. Diese Werte kommen von den Bällen seither.',
  'No entry points were logged, so they are taken as typical for this level.':
    'Es wurden keine Eintrittspunkte aufgeschrieben; sie gelten als üblich für diese Spielstärke.',
  'The club enters {far} {mean} than planned ({far2} to {far3}), with a spread of {far4}; {far5} is typical for this level.':
    'Der Schläger geht {far} {mean} in den Sand als geplant ({far2} bis {far3}), mit einer Streuung von {far4}; {far5} ist für diese Spielstärke üblich.',
  'further behind the ball': 'weiter hinter dem Ball',
  'nearer the ball': 'näher am Ball',
  'The club enters where it is planned, as far as {balls} balls can show, with a spread of {far}; {far2} is typical for this level.':
    'Der Schläger geht dort in den Sand, wo es geplant ist, soweit {balls} Bälle das zeigen, mit einer Streuung von {far}; {far2} ist für diese Spielstärke üblich.',
  longer: 'weiter',
  shorter: 'kürzer',
  'No distances were logged, so they come from the model.':
    'Es wurden keine Weiten aufgeschrieben; sie kommen aus dem Modell.',
  'The same swing is {further} than typical for this level ({by} to {by2}): a different head speed, or different sand.':
    'Derselbe Schwung geht {further} als für diese Spielstärke üblich ({by} bis {by2}): ein anderes Schlägerkopftempo oder anderer Sand.',
  'The same swing goes as far as is typical for this level, as far as {balls} balls can show ({by} to {by2}).':
    'Derselbe Schwung geht so weit wie für diese Spielstärke üblich, soweit {balls} Bälle das zeigen ({by} bis {by2}).',
  'In {sand} it is {further} than in the other sands ({by} to {by2}).':
    'In {sand} geht er {further} als in den anderen Sanden ({by} bis {by2}).',
  'No directions were logged.': 'Es wurden keine Richtungen aufgeschrieben.',
  'Balls start {turned}° to the {mean} of the line. If you use these numbers, calls aim that much to the other side.':
    'Bälle starten {turned}° zur {mean} der Linie. Wenn Sie diese Werte verwenden, zielen Ansagen um so viel zur anderen Seite.',
  'player’s side': 'Spielerseite',
  'far side': 'Gegenseite',
  'Balls start on line, as far as these balls can show.':
    'Bälle starten auf der Linie, soweit sie das zeigen.',
  '90% confidence: {strokes} to {strokes2}': '90 % Sicherheit: {strokes} bis {strokes2}',
  'Worth using: these numbers should save {strokes} strokes a shot ({range}).':
    'Lohnt sich: diese Werte sollten {strokes} Schläge je Ball sparen ({range}).',
  'Not worth using yet: these numbers might save {strokes} strokes a shot ({range}). Log more balls to be sure.':
    'Lohnt sich noch nicht: diese Werte könnten {strokes} Schläge je Ball sparen ({range}). Für Sicherheit braucht es mehr Bälle.',
  'Not worth using: no strokes are expected to be saved ({range}).':
    'Lohnt sich nicht: es ist keine Ersparnis zu erwarten ({range}).',
  '{bunker}, {name}, to {flag}': '{bunker}, {name}, zu {flag}',
  'change the station': 'die Station ändern',
  'No player in this lesson can get this ball out towards the flag: {change}.':
    'Kein Spieler dieser Stunde bekommt diesen Ball in Richtung Fahne heraus: {change}.',
  '{who} has no club that gets this ball out towards the flag: {change}, or plan another shot for {who} here.':
    '{who} hat keinen Schläger, der diesen Ball in Richtung Fahne herausbringt: {change}, oder planen Sie hier einen anderen Schlag für {who}.',
  '{who} have no club that gets this ball out towards the flag: {change}.':
    '{who} haben keinen Schläger, der diesen Ball in Richtung Fahne herausbringt: {change}.',
  'The academy': 'Die Akademie',
  'must not be empty': 'darf nicht leer sein',
  'Calls used the player’s own numbers (version {learnt}).':
    'Die Ansagen verwendeten die eigenen Werte des Spielers (Version {learnt}).',
  '{count} (version {version})': '{count} (Version {version})',
  'averages for the level: {balls}': 'Durchschnitt der Spielstärke: {balls}',
  'the player’s own numbers: {versions}': 'eigene Werte des Spielers: {versions}',
  'Calls came from {parts}.': 'Die Ansagen kamen aus {parts}.',
  '{before} in both halves at each station': '{before} in beiden Hälften an jeder Station',
  '{before} in the first half at each station, {after} in the second{apart}':
    '{before} in der ersten Hälfte an jeder Station, {after} in der zweiten{apart}',
  '(too few balls to be sure)': '(zu wenige Bälle für Sicherheit)',
  'first half at each station': 'erste Hälfte an jeder Station',
  'second half at each station': 'zweite Hälfte an jeder Station',
  'not known': 'nicht bekannt',
  '{count} of {of}, {percent} ({low}–{high})': '{count} von {of}, {percent} ({low}–{high})',
  'out of the bunker': 'aus dem Bunker',
  'up and down': 'Up and Down',
  'further behind': 'weiter dahinter',
  nearer: 'näher',
  'too few': 'zu wenige',
  'average finish': 'Endlage im Mittel',
  past: 'dahinter',
  short: 'zu kurz',
  'distance to the flag': 'Entfernung zur Fahne',
  dispersion: 'Streuung',
  '± {ground} long and short, ± {ground2} left and right':
    '± {ground} lang und kurz, ± {ground2} links und rechts',
  'Out of the bunker: {moved}.': 'Aus dem Bunker: {moved}.',
  'The club entered where planned, as far as the balls can show':
    'Der Schläger ging dort in den Sand, wo es geplant war, soweit die Bälle das zeigen',
  'The club entered {far} {bias} than planned (give or take {far2})':
    'Der Schläger ging {far} {bias} in den Sand als geplant (plus oder minus {far2})',
  '; early at each station ± {far}, late ± {far2}':
    '; früh an jeder Station ± {far}, spät ± {far2}',
  'No balls were logged for {name}.': 'Für {name} wurden keine Bälle aufgeschrieben.',
  '{name} hit {balls}{came}.': '{name}: {balls}{came}.',
  'At {place}.': 'Ort: {place}.',
  'past {pin}': 'über {pin}',
  'inside {pin}': 'unter {pin}',
  'Stop taking the {habit} {where}: it costs {lost} strokes a shot there.':
    'Nehmen Sie {where} nicht mehr das {habit}: es kostet dort {lost} Schläge je Ball.',
  'Same entry point every time': 'Jedes Mal derselbe Eintrittspunkt',
  'a narrower spread of entry points': 'eine engere Streuung der Eintrittspunkte',
  'Entry point where it is planned': 'Eintrittspunkt wie geplant',
  'entry points as far behind the ball as called':
    'Eintrittspunkte so weit hinter dem Ball wie angesagt',
  'Distance control': 'Weitenkontrolle',
  'carries closer to plan': 'Carrys näher am Plan',
  'Face and start line': 'Schlagfläche und Startlinie',
  'balls that start closer to the line': 'Bälle, die näher an der Linie starten',
  'Choice of club': 'Schlägerwahl',
  'taking the club that is called': 'den angesagten Schläger nehmen',
  '· simulated': '· simuliert',
  'No ball can be logged here now.': 'Hier kann jetzt kein Ball notiert werden.',
  '{balls} waiting for the call': '{balls} warten auf die Ansage',
  'average entry point compared with plan': 'Eintrittspunkt im Mittel gegenüber dem Plan',
  'median carry, % of plan': 'Mittleres Carry (Median), % des Plans',
  'half within {ground}': 'die Hälfte innerhalb von {ground}',
  'half within {ground}, 8 in 10 of the next within {ground2}':
    'die Hälfte innerhalb von {ground}, 8 von 10 der nächsten innerhalb von {ground2}',
  'Not worth using yet: these balls promise no saving to speak of ({range}).':
    'Noch nicht lohnend: diese Bälle versprechen keine nennenswerte Ersparnis ({range}).',
  '; {count} of {of} came out': '; {count} von {of} kamen heraus',
  '{playerName}: bunker practice {nth} of {sessionCount}':
    '{playerName}: Bunkertraining {nth} von {sessionCount}',
  '{playerName}: bunker practice': '{playerName}: Bunkertraining',
  'end of the lesson': 'Ende der Stunde',
  'A ball of {player} at station {station} was not logged: no club in the bag gets out towards the flag there.':
    'Ein Ball von {player} an Station {station} wurde nicht notiert: Kein Schläger in der Tasche kommt dort Richtung Fahne heraus.',
  'Saved for {players}. Calls and the distance ladder use these numbers now.':
    'Gespeichert: {players}. Ansagen und die Weitenleiter verwenden jetzt diese Werte.',
  'What the balls show of everyone': 'Was die Bälle über alle zeigen',
  'Use the numbers of {players}': 'Werte übernehmen: {players}',
  'Add to everyone’s homework': 'In die Hausaufgaben aller aufnehmen',
  'Show all {lessons}': 'Alle zeigen: {lessons}',
  'Repeat the lesson at {place}': 'Die Stunde auf {place} wiederholen',
};
