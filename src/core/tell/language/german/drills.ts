/** The drills, in German. */
export const DRILLS = {
  '{sets} of': '{sets} zu je',
  set: 'Satz',
  sets: 'Sätze',
  ball: 'Ball',
  balls: 'Bälle',
  'entry point': 'Eintrittspunkt',
  depth: 'Tiefe',
  face: 'Schlagfläche',
  'weight and balance': 'Gewicht und Gleichgewicht',
  finish: 'Finish',
  'length of swing': 'Schwunglänge',
  distance: 'Weite',
  'aim and start line': 'Ausrichtung und Startlinie',
  'high lips': 'hohe Kanten',
  'buried lies': 'tief liegende Bälle',
  slopes: 'Hanglagen',
  'long bunker shots': 'lange Bunkerschläge',
  'choice of club': 'Schlägerwahl',
  light: 'leicht',
  'full swings in sand': 'volle Schwünge im Sand',
  line: 'Linie',
  box: 'Kasten',
  dent: 'Delle',
  'tee under the ball': 'Tee unter dem Ball',
  gate: 'Tor',
  'band to land in': 'Landezone',
  'Line in the sand': 'Linie im Sand',
  'Line in the sand: make every divot start on it, trail heel light.':
    'Linie im Sand: jedes Divot beginnt auf ihr, hintere Ferse leicht.',
  'The club enters where you mean it to. Nothing else in a bunker is worth as much.':
    'Der Schläger geht dort in den Sand, wo du es willst. Im Bunker ist nichts so viel wert.',
  'Draw a line across the line of play and stand with it where the ball call puts the entry point.':
    'Zieh eine Linie quer zur Spielrichtung und stell dich so, dass sie dort liegt, wo die Ansage den Eintrittspunkt hat.',
  'No ball: make each divot start on the line. Move up the line after every swing.':
    'Ohne Ball: Jedes Divot beginnt auf der Linie. Rück nach jedem Schwung ein Stück weiter.',
  'Five in a row, then put a ball two balls’ width ahead of the line and forget it is there.':
    'Fünf hintereinander, dann leg einen Ball zwei Ballbreiten vor die Linie und vergiss, dass er da ist.',
  'divots that start on the line': 'Divots, die auf der Linie beginnen',
  'Half swings without a ball.': 'Halbe Schwünge ohne Ball.',
  'Look at the flag, not the line, for the last three.':
    'Sieh bei den letzten dreien auf die Fahne statt auf die Linie.',
  'In at one, out past the other': 'Hier hinein, dort hinaus',
  'Two lines a hand apart: enter at the first, exit past the second.':
    'Zwei Linien, eine Hand auseinander: bei der ersten hinein, hinter der zweiten hinaus.',
  'A shallow, long divot and a club that keeps moving.':
    'Ein flaches, langes Divot und ein Schläger, der in Bewegung bleibt.',
  'Draw two lines a hand apart, the ball just ahead of the first.':
    'Zieh zwei Linien, eine Hand auseinander, der Ball gleich vor der ersten.',
  'Enter at the first line and come out past the second.':
    'Geh bei der ersten Linie hinein und hinter der zweiten hinaus.',
  'Hold the finish until the sand has landed.': 'Halte das Finish, bis der Sand gelandet ist.',
  'divots from the first line to past the second':
    'Divots von der ersten Linie bis hinter die zweite',
  'No ball, and the lines half a hand closer.':
    'Ohne Ball, und die Linien eine halbe Hand näher beieinander.',
  'The second line half a hand further.': 'Die zweite Linie eine halbe Hand weiter weg.',
  'Take the box out': 'Den Kasten hinaus',
  'Draw a box round the ball and blast the whole box out.':
    'Zieh einen Kasten um den Ball und schlag den ganzen Kasten hinaus.',
  'Sand is the target, the ball only rides on it.':
    'Das Ziel ist der Sand, der Ball fährt nur mit.',
  'Draw a box about a hand long with the ball in the middle.':
    'Zieh einen Kasten von etwa einer Hand Länge, der Ball in der Mitte.',
  'Throw the whole box onto the green.': 'Wirf den ganzen Kasten aufs Grün.',
  'Look at what is left of the box before you look for the ball.':
    'Sieh erst nach, was vom Kasten übrig ist, dann nach dem Ball.',
  'boxes taken out whole': 'Kästen, die ganz weg sind',
  'Without a ball.': 'Ohne Ball.',
  'A box one ball shorter.': 'Ein Kasten, der einen Ball kürzer ist.',
  'Cut the tee': 'Das Tee durchtrennen',
  'Imaginary tee pushed in under the ball: cut it below its cup.':
    'Ein gedachtes Tee steckt unter dem Ball: trenn es unter dem Teller durch.',
  'The same depth under the ball every time, without fear of the sand.':
    'Jedes Mal dieselbe Tiefe unter dem Ball, ohne Angst vor dem Sand.',
  'Push a tee into the sand until only the ball shows.':
    'Steck ein Tee in den Sand, bis nur noch der Ball zu sehen ist.',
  'Clip the tee off below its cup. The ball will come out by itself.':
    'Trenn das Tee unter dem Teller durch. Der Ball kommt von allein heraus.',
  'Take the tee away and swing as if it were there.':
    'Nimm das Tee weg und schwing, als wäre es noch da.',
  'tees cut, then balls out with the same divot':
    'durchtrennte Tees, danach Bälle heraus mit demselben Divot',
  'Leave the ball a little higher.': 'Lass den Ball ein wenig höher.',
  'No tee for the last four.': 'Für die letzten vier kein Tee.',
  'Aim at the dent': 'Auf die Delle zielen',
  'Press a second ball into the sand behind yours, take it away, and hit the dent.':
    'Drück einen zweiten Ball hinter deinem in den Sand, nimm ihn weg und triff die Delle.',
  'Eyes on the sand where the club goes in.':
    'Die Augen sind auf dem Sand, in den der Schläger geht.',
  'Press a ball into the sand just behind yours and take it away.':
    'Drück gleich hinter deinem Ball einen anderen in den Sand und nimm ihn weg.',
  'Look at the dent, and hit it.': 'Sieh auf die Delle und triff sie.',
  'Check that the dent is gone, not just the ball.':
    'Prüfe, ob die Delle weg ist, nicht nur der Ball.',
  'dents hit out': 'Dellen, die weg sind',
  'Without the ball in front.': 'Ohne den Ball davor.',
  'Half a ball closer.': 'Einen halben Ball näher.',
  'Splash with a long iron': 'Splash mit dem langen Eisen',
  'Low-handle iron: splash with a long iron, handle low, face wide open.':
    'Tiefe Hände: Splash mit einem langen Eisen, Griff tief, Schlagfläche weit offen.',
  'Handle low and face open become a habit when the club has no loft to help.':
    'Griff tief und Schlagfläche offen werden zur Gewohnheit, wenn der Loft nicht hilft.',
  'Take a long iron. Open the face wide, then take your grip, and lower the handle.':
    'Nimm ein langes Eisen. Öffne die Schlagfläche weit, dann greif und senk den Griff.',
  'Splash the ball over a low lip. It needs more speed than you think.':
    'Splash den Ball über eine niedrige Kante. Es braucht mehr Tempo, als du denkst.',
  'Go back to your wedge for three balls and feel how much easier it is.':
    'Nimm für drei Bälle wieder dein Wedge und spür, wie viel leichter es ist.',
  'balls out with the iron': 'Bälle heraus mit dem Eisen',
  'A middle iron.': 'Ein mittleres Eisen.',
  'A lip one step higher.': 'Eine Kante, die eine Stufe höher ist.',
  'Sand on the face': 'Sand auf der Schlagfläche',
  'A pinch of sand kept on the face and tossed behind you as you swing back.':
    'Eine Prise Sand bleibt auf der Schlagfläche und fliegt beim Ausholen nach hinten.',
  'The face stays open while the club goes back.':
    'Die Schlagfläche bleibt offen, während der Schläger zurückgeht.',
  'Balance a pinch of sand on the open face.': 'Leg eine Prise Sand auf die offene Schlagfläche.',
  'Swing back slowly and toss it straight behind you.':
    'Schwing langsam zurück und wirf sie gerade hinter dich.',
  'Then a ball, with the same start of the swing.':
    'Dann ein Ball, mit demselben Beginn des Schwungs.',
  'tosses that go straight back': 'Würfe gerade nach hinten',
  'Only to hip height.': 'Nur bis Hüfthöhe.',
  'Toss and swing through in one move.': 'Wurf und Durchschwung in einem Zug.',
  'Club ladder': 'Schlägerleiter',
  'Ladder: same swing, next club, and write down how far each one carries.':
    'Leiter: derselbe Schwung, der nächste Schläger, und schreib auf, wie weit jeder fliegt.',
  'Distance comes from the club, not from effort.':
    'Die Weite kommt vom Schläger, nicht von der Kraft.',
  'Same set-up and same length of swing for every club.':
    'Dieselbe Ansprechposition und dieselbe Schwunglänge mit jedem Schläger.',
  'Three balls with the most lofted wedge, then the next, then the next.':
    'Drei Bälle mit dem Wedge mit dem meisten Loft, dann mit dem nächsten, dann mit dem nächsten.',
  'Pace the carries and write them on your card.':
    'Schritte die Carrys ab und schreib sie auf deine Karte.',
  'balls that carry further than the club before':
    'Bälle, die weiter fliegen als mit dem Schläger davor',
  'Two clubs.': 'Zwei Schläger.',
  'Call the carry before each ball.': 'Sag vor jedem Ball den Carry an.',
  'Swing ladder': 'Schwungleiter',
  'Ladder: same club, next length of swing, up and down again.':
    'Leiter: derselbe Schläger, die nächste Schwunglänge, hinauf und wieder hinunter.',
  'Three lengths of swing that each have a carry of their own.':
    'Drei Schwunglängen, jede mit einem eigenen Carry.',
  'One club. Lead arm to eight o’clock, to nine, to ten: the tempo stays.':
    'Ein Schläger. Vorderer Arm auf acht Uhr, auf neun, auf zehn: das Tempo bleibt.',
  'One ball at each length, up and down again.':
    'Ein Ball mit jeder Länge, hinauf und wieder hinunter.',
  'Finish as far through as you went back.': 'Schwing so weit durch, wie du ausgeholt hast.',
  'balls that land in the band meant': 'Bälle, die in der gewollten Zone landen',
  'Two lengths.': 'Zwei Längen.',
  'Have somebody call the length as you settle in.':
    'Lass dir die Länge ansagen, während du dich hinstellst.',
  'Ten in a row': 'Zehn hintereinander',
  'Ten in a row out. One that stays in, and you start again.':
    'Zehn hintereinander heraus. Bleibt einer liegen, beginnst du von vorn.',
  'Out comes first. It counts most when nine have gone before.':
    'Heraus kommt zuerst. Am meisten zählt es, wenn schon neun gelungen sind.',
  'A fair lie and a lip you know.': 'Eine ordentliche Lage und eine Kante, die du kennst.',
  'Count aloud. A ball that stays in takes you back to one.':
    'Zähl laut. Ein Ball, der liegen bleibt, bringt dich auf eins zurück.',
  'Stop after thirty balls, wherever you are.':
    'Nach dreißig Bällen ist Schluss, wo du auch stehst.',
  'balls out': 'Bälle heraus',
  'Five in a row.': 'Fünf hintereinander.',
  'All ten have to finish on the green.': 'Alle zehn müssen auf dem Grün liegen bleiben.',
  'Worse of two': 'Der schlechtere von zweien',
  'Two balls from each lie: play on with the worse of the two.':
    'Zwei Bälle aus jeder Lage: spiel mit dem schlechteren weiter.',
  'Your bad one is what your score is made of.': 'Aus deinem schlechten Ball besteht dein Score.',
  'Hit two balls from one lie.': 'Schlag zwei Bälle aus einer Lage.',
  'Putt the worse one out.': 'Loch den schlechteren ein.',
  'Five lies; write down the strokes.': 'Fünf Lagen; schreib die Schläge auf.',
  'lies up and down with the worse ball': 'Up and Downs mit dem schlechteren Ball',
  'The better of two.': 'Der bessere von zweien.',
  'Three balls, play the worst.': 'Drei Bälle, spiel den schlechtesten.',
  'Random lies': 'Zufällige Lagen',
  'Toss the balls over your shoulder and play each as it lies.':
    'Wirf die Bälle über die Schulter und spiel jeden, wie er liegt.',
  'A course never gives you the same lie twice.':
    'Auf dem Platz bekommst du nie zweimal dieselbe Lage.',
  'Toss ten balls into the bunker with your back to it.':
    'Wirf mit dem Rücken zum Bunker zehn Bälle hinein.',
  'Before each, say club, face and entry point aloud.':
    'Sag vor jedem laut Schläger, Schlagfläche und Eintrittspunkt.',
  'One ball each, no second go.': 'Ein Ball aus jeder Lage, kein zweiter Versuch.',
  'balls out and on the green': 'Bälle heraus und auf dem Grün',
  'Leave the plugged ones.': 'Lass die eingebohrten liegen.',
  'A new flag for every ball.': 'Für jeden Ball eine neue Fahne.',
  'One ball for score': 'Ein Ball auf Score',
  'One ball, nine lies, every ball putted out: count the strokes.':
    'Ein Ball, neun Lagen, jeder Ball wird eingelocht: zähl die Schläge.',
  'Practice that feels like the course.': 'Training, das sich wie der Platz anfühlt.',
  'Walk from lie to lie with one ball, wedge and putter.':
    'Geh mit einem Ball, Wedge und Putter von Lage zu Lage.',
  'Full routine for every ball. Putt out.': 'Die ganze Routine bei jedem Ball. Loch ein.',
  'Write down the strokes of all nine.': 'Schreib die Schläge aller neun auf.',
  'up and downs': 'Up and Downs',
  'Fair lies only.': 'Nur ordentliche Lagen.',
  'A penalty stroke for anything left in.': 'Ein Strafschlag für alles, was liegen bleibt.',
  'Gate on the start line': 'Tor auf der Startlinie',
  'Gate on the start line, a few paces ahead: start every ball through it.':
    'Ein Tor auf der Startlinie, ein paar Schritte voraus: jeder Ball startet hindurch.',
  'Aim and face agree.': 'Ausrichtung und Schlagfläche passen zusammen.',
  'Stand two rakes or sticks on the bank, a club’s length apart, on the line you want to start on.':
    'Stell zwei Rechen oder Stäbe auf die Böschung, eine Schlägerlänge auseinander, auf die Linie, auf der du starten willst.',
  'Set feet and face for the call.': 'Richte Füße und Schlagfläche nach der Ansage.',
  'Start every ball through the gate.': 'Jeder Ball startet durch das Tor.',
  'balls that start through the gate': 'Bälle, die durch das Tor starten',
  'A gate twice as wide.': 'Ein doppelt so breites Tor.',
  'Half as wide, or the face opened further.': 'Halb so breit, oder die Schlagfläche weiter offen.',
  'Same depth, five times': 'Fünfmal dieselbe Tiefe',
  'Box without a ball: the same depth five times.': 'Kasten ohne Ball: fünfmal dieselbe Tiefe.',
  'Feet that hold still make matching divots.': 'Wer fest steht, macht gleiche Divots.',
  'Dig the feet in until they stop moving.': 'Grab die Füße ein, bis sie sich nicht mehr bewegen.',
  'Five boxes side by side, no ball.': 'Fünf Kästen nebeneinander, kein Ball.',
  'Lay a tee in each divot: the depths should agree to its head.':
    'Leg in jedes Divot ein Tee: die Tiefen sollen auf einen Teller genau übereinstimmen.',
  'divots as deep as the first': 'Divots, so tief wie das erste',
  'Half swings.': 'Halbe Schwünge.',
  'The same in firm sand.': 'Dasselbe in festem Sand.',
  'Feet together': 'Füße zusammen',
  'Box without a ball, feet together.': 'Kasten ohne Ball, Füße zusammen.',
  'Sway with your feet together and you fall over.':
    'Wer mit geschlossenen Füßen schwankt, fällt um.',
  'Feet together, dug in a little.': 'Füße zusammen, ein wenig eingegraben.',
  'Half swings through the box, quiet below the waist.':
    'Halbe Schwünge durch den Kasten, ruhig unter der Hüfte.',
  'Widen the stance, same quiet legs, and add a ball.':
    'Stell dich breiter hin, die Beine genauso ruhig, und nimm einen Ball dazu.',
  'swings in balance with the box gone': 'Schwünge im Gleichgewicht, Kasten weg',
  'Quarter swings.': 'Viertelschwünge.',
  'Trail foot on its toe.': 'Der hintere Fuß auf der Zehenspitze.',
  'Trail heel up': 'Hintere Ferse hoch',
  'Trail heel off the sand from start to finish: weight stays on the lead foot.':
    'Die hintere Ferse ist von Anfang bis Ende in der Luft: das Gewicht bleibt auf dem vorderen Fuß.',
  'The low point stays ahead of where you stand.':
    'Der tiefste Punkt bleibt vor der Mitte deines Stands.',
  'Lift the trail heel; most of the weight is on the lead foot.':
    'Heb die hintere Ferse; das meiste Gewicht ist auf dem vorderen Fuß.',
  'Swing and finish there. Divot on the line.':
    'Schwing so und bleib so stehen. Divot auf der Linie.',
  'Heel back down, and keep the same feeling.':
    'Ferse wieder hinunter, und dasselbe Gefühl behalten.',
  'divots on the line in balance': 'Divots auf der Linie, im Gleichgewicht',
  'Heel just brushing the sand.': 'Die Ferse streift den Sand gerade noch.',
  'Trail foot drawn back behind you.': 'Den hinteren Fuß nach hinten gezogen.',
  'Hold the finish': 'Das Finish halten',
  'Through to a full finish, held until the ball stops.':
    'Bis ins volle Finish, und halten, bis der Ball liegt.',
  'A club that is on its way to the finish does not stop in the sand.':
    'Ein Schläger, der ins Finish will, bleibt nicht im Sand stecken.',
  'Swing as far through as you went back, at least.':
    'Schwing mindestens so weit durch, wie du ausgeholt hast.',
  'Hold it until the ball has stopped.': 'Halte es, bis der Ball liegt.',
  'If you cannot hold it, it was too hard or off balance.':
    'Wenn du es nicht halten kannst, war es zu hart oder nicht im Gleichgewicht.',
  'finishes held, ball out': 'gehaltene Finishs, Ball heraus',
  'On an upslope or a downslope.': 'Bergauf oder bergab.',
  'Towards the face': 'An die Wand heran',
  'Start well away from a high lip and come one pace closer after every three out.':
    'Beginn weit weg von einer hohen Kante und komm nach je drei Bällen heraus einen Schritt näher.',
  'To know how close is too close, before it costs a stroke.':
    'Zu wissen, wann es zu nah ist, bevor es einen Schlag kostet.',
  'Begin four paces from the face. Three balls out, and you come a pace closer.':
    'Beginn vier Schritte vor der Wand. Drei Bälle heraus, und du kommst einen Schritt näher.',
  'Open the face and stance a little more with every pace.':
    'Öffne Schlagfläche und Stand mit jedem Schritt ein wenig mehr.',
  'Where two of three stay in is your limit: from there you play sideways.':
    'Wo zwei von dreien liegen bleiben, ist deine Grenze: von dort spielst du seitwärts.',
  'balls over the lip': 'Bälle über die Kante',
  'A lip to the knee.': 'Eine Kante bis zum Knie.',
  'Every ball has to stop on the green.': 'Jeder Ball muss auf dem Grün liegen bleiben.',
  'Fried egg and plugged': 'Spiegelei und eingebohrt',
  'Fried egg and plugged: three of each, at half effort to begin with.':
    'Spiegelei und eingebohrt: je drei, zuerst mit halber Kraft.',
  'To get out first time, and to know how far such a ball runs.':
    'Beim ersten Mal heraus, und wissen, wie weit so ein Ball rollt.',
  'Press the ball in until half of it shows, then until only the top does.':
    'Drück den Ball hinein, bis die Hälfte zu sehen ist, dann, bis nur noch die Kuppe herausschaut.',
  'Squarer face, weight forward, straight down behind the ball.':
    'Schlagfläche gerader, Gewicht vorn, steil hinter dem Ball hinunter.',
  'Pace how far each one rolls.': 'Schritte ab, wie weit jeder rollt.',
  'balls out first time': 'Bälle beim ersten Mal heraus',
  'A ball that is only sitting down.': 'Ein Ball, der nur etwas tiefer liegt.',
  'Less green to work with.': 'Weniger Grün zum Ausrollen.',
  'Four slopes': 'Vier Hanglagen',
  'Upslope, downslope, ball above and ball below the feet: two balls each.':
    'Bergauf, bergab, Ball über und Ball unter den Füßen: je zwei Bälle.',
  'Shoulders along the slope, and the right miss in mind.':
    'Schultern am Hang entlang, und den richtigen Fehlschlag im Kopf.',
  'Upslope: shoulders along it, longer swing. Downslope: the same, and chase it down the slope.':
    'Bergauf: Schultern am Hang, längerer Schwung. Bergab: ebenso, und dem Ball den Hang hinunter folgen.',
  'Ball above the feet: grip down and aim away. Ball below: sit down and stay down.':
    'Ball über den Füßen: kürzer greifen und weg zielen. Ball darunter: tief in die Knie und unten bleiben.',
  'Say before each ball which way a miss will go.':
    'Sag vor jedem Ball, wohin ein Fehlschlag geht.',
  'Gentle slopes.': 'Leichte Hänge.',
  'A flag on the short side.': 'Eine Fahne auf der kurzen Seite.',
  'Long bands': 'Lange Zonen',
  'Long ones: three bands, one club each, ball first with a touch of sand.':
    'Lange Schläge: drei Zonen, je ein Schläger, erst der Ball, dann ein Hauch Sand.',
  'A chart of your own for the shot nobody practises.':
    'Eine eigene Tabelle für den Schlag, den niemand übt.',
  'Three bands, one after another. Choose one club for each.':
    'Drei Zonen nacheinander. Wähl für jede einen Schläger.',
  'Four balls a band, then change.': 'Vier Bälle je Zone, dann wechseln.',
  'Write down club, swing and carry: that is your chart.':
    'Schreib Schläger, Schwung und Carry auf: das ist deine Tabelle.',
  'balls that carry within the band': 'Bälle mit Carry in der Zone',
  'The nearest two bands.': 'Die zwei nächsten Zonen.',
  'Change the band after every ball.': 'Nach jedem Ball die Zone wechseln.',
  'Try both and see': 'Beide ausprobieren',
  'Two clubs, the same shot, five balls each: keep the one that finishes closer.':
    'Zwei Schläger, derselbe Schlag, je fünf Bälle: behalte den, der näher liegt.',
  'Your balls decide which club is yours from here.':
    'Deine Bälle entscheiden, welcher Schläger von hier deiner ist.',
  'One lie, one flag, two clubs.': 'Eine Lage, eine Fahne, zwei Schläger.',
  'Five balls with each, in turn.': 'Fünf Bälle mit jedem, im Wechsel.',
  'Pace the five of each: the closer club is yours for this shot.':
    'Schritte die fünf von jedem ab: der nähere Schläger ist deiner für diesen Schlag.',
  'balls within two paces of the flag': 'Bälle bis zwei Schritte an der Fahne',
  'A wide green.': 'Ein breites Grün.',
  'A different lie for every pair.': 'Für jedes Paar eine andere Lage.',
  'Full swings in sand load wrists, elbows and back: start at half effort and stop when anything hurts.':
    'Volle Schwünge im Sand belasten Handgelenke, Ellbogen und Rücken: mit halber Kraft beginnen und aufhören, sobald etwas wehtut.',
  'Buried lies jar wrists, elbows and back: few balls, start at half effort, none with a fresh injury. Feel for stones and roots first.':
    'Tief liegende Bälle gehen auf Handgelenke, Ellbogen und Rücken: wenige Bälle, mit halber Kraft beginnen, keine bei frischer Verletzung. Vorher nach Steinen und Wurzeln tasten.',
  'Lines, marks and tests of the sand are for practice areas only. In play the Rules of Golf do not allow them.':
    'Linien, Zeichen und Proben im Sand gibt es nur auf Übungsflächen. Im Spiel erlauben die Golfregeln sie nicht.',
  'Nobody ahead of or level with the player, and nobody on the line.':
    'Niemand vor dem Spieler oder auf seiner Höhe, und niemand in der Linie.',
};
