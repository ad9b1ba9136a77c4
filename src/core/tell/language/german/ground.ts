/** Bunkers and greens as they are drawn and read, in German. */
export const GROUND = {
  'must be a GeoJSON FeatureCollection': 'muss eine GeoJSON-FeatureCollection sein',
  'must hold at least one feature': 'muss mindestens ein Feature enthalten',
  'must be at most {mostFeatures}, not {features}':
    'dürfen höchstens {mostFeatures} sein, nicht {features}',
  'must be a feature with a geometry': 'muss ein Feature mit einer Geometrie sein',
  'properties.kind must be one of {kinds}, not {kind}':
    'properties.kind muss eines von {kinds} sein, nicht {kind}',
  'geometry.type is required': 'geometry.type fehlt',
  '{path}: no lip is given; {lip} m all round until you measure it':
    '{path}: keine Kante angegeben; {lip} m ringsum, bis Sie sie messen',
  'Bunker {n}': 'Bunker {n}',
  'Green {n}': 'Grün {n}',
  'Flag {i}': 'Fahne {i}',
  'must hold a polygon': 'muss ein Polygon enthalten',
  'must lie within {farthest} km of the rest: these are coordinates of another place':
    'muss höchstens {farthest} km vom Rest entfernt liegen: das sind Koordinaten eines anderen Ortes',
  'must be a latitude from -85 to 85 and a longitude from -180 to 180':
    'muss eine Breite von -85 bis 85 und eine Länge von -180 bis 180 sein',
  'must be a list of points': 'muss eine Liste von Punkten sein',
  'must be at most {most} points, not {value}':
    'dürfen höchstens {most} Punkte sein, nicht {value}',
  'must be longitude and latitude in degrees, not {each}':
    'muss Länge und Breite in Grad sein, nicht {each}',
  'must be rings of points': 'müssen Ringe aus Punkten sein',
  '{path}: holes in the outline are left out': '{path}: Löcher im Umriss werden weggelassen',
  '{path}: of {parts} parts the largest is kept': '{path}: von {parts} Teilen bleibt der größte',
  'must be Polygon, not {type}': 'muss Polygon sein, nicht {type}',
  '{path}: the outline was not closed and has been':
    '{path}: der Umriss war nicht geschlossen und ist es jetzt',
  '{path}: {points} left out': '{path}: {points} weggelassen',
  'repeated point': 'Punkt, der zweimal dastand,',
  'repeated points': 'Punkte, die zweimal dastanden,',
  '{yards}\u00a0sq\u00a0yd': '{yards}\u00a0sq\u00a0yd',
  '{low} deep': '{low} tief',
  '{low} to {high} deep': '{low} bis {high} tief',
  'a dry crust over wet': 'eine trockene Kruste über nassem Sand',
  'firmness {firmness} of 100': 'Festigkeit {firmness} von 100',
  'moisture {moisture} of 100': 'Feuchte {moisture} von 100',
  Size: 'Größe',
  Lip: 'Kante',
  ', overhanging in part': ', stellenweise überhängend',
  Sand: 'Sand',
  'not noted; medium assumed': 'nicht aufgeschrieben; mittel angenommen',
  'To {name}': 'Zu {name}',
  'about {mean} strokes to hole out (± {spread}); {least} at best, {most} at worst':
    'etwa {mean} Schläge bis ins Loch (± {spread}); {least} im besten Fall, {most} im schlechtesten',
  'no shot at this flag gets out': 'zu dieser Fahne kommt nichts heraus',
  Middle: 'Mitte',
  'Flag {n}': 'Fahne {n}',
  'must enclose at least {leastArea} m²': 'muss mindestens {leastArea} m² umschließen',
  'must not cross itself: it does near corner {corner}':
    'darf sich nicht selbst kreuzen: das tut er bei Ecke {corner}',
  '"{id}" is there twice': '„{id}“ gibt es zweimal',
  '"{flag}" must stand on the green "{green}"': '„{flag}“ muss auf dem Grün „{green}“ stehen',
  'two holes are cut on {twice}': 'zwei Löcher sind auf {twice} gesteckt',
  'at the flag': 'auf die Fahne',
  'ahead and right': 'vorn rechts',
  'back right': 'hinten rechts',
  back: 'zurück',
  'back left': 'hinten links',
  'ahead and left': 'vorn links',
  'a little {toward} of the flag': 'etwas {toward} der Fahne',
  '{direction}: out {chance}': '{direction}: heraus {chance}',
  '{gets}, {strokes} strokes to hole out': '{gets}, {strokes} Schläge bis ins Loch',
  '{gets}, as good as going at the flag': '{gets}, so gut wie auf die Fahne',
  '{gets}, costs {more} compared with going at the flag':
    '{gets}, kostet {more} gegenüber der Fahne',
  '{gets}, saves {more} compared with going at the flag':
    '{gets}, spart {more} gegenüber der Fahne',
  'must lie in the sand of a bunker': 'muss im Sand eines Bunkers liegen',
  'there is no bunker "{id}"': 'es gibt keinen Bunker „{id}“',
  'there is no green "{id}"': 'es gibt kein Grün „{id}“',
  'there is no flag "{id}"': 'es gibt keine Fahne „{id}“',
  'must lie in the sand of {name}': 'muss im Sand von {name} liegen',
  'must stand on the green "{green}"': 'muss auf dem Grün „{green}“ stehen',
  'must be paces, direction and lip, such as "8 95 3", not {line}':
    'müssen Schritte, Richtung und Kante sein, wie „8 95 3“, nicht {line}',
  'paces must be from 1 to {mostPaces}, not {paces}':
    'Schritte müssen von 1 bis {mostPaces} gehen, nicht {paces}',
  'direction must be degrees, a wind or a clock, such as 95, NE or 2:30, not {rest}':
    'die Richtung muss in Grad, als Himmelsrichtung oder als Uhrzeit stehen, wie 95, NE oder 2:30, nicht {rest}',
  'the lip must be at most {highest} {unit}, not {cut}':
    'die Kante darf höchstens {highest} {unit} hoch sein, nicht {cut}',
  'This device has no tilt sensor, or access was refused. Type the slope.':
    'Dieses Gerät hat keinen Neigungssensor, oder der Zugriff wurde verweigert. Geben Sie die Neigung ein.',
  'Simulated bunker': 'Simulierter Bunker',
  simulated: 'simuliert',
  'That is more than pacing explains, and any side could be behind it: walk it once more.':
    'Das ist mehr, als Schritte erklären, und jede Seite kann daran schuld sein: Gehen Sie noch einmal herum.',
  '{east} east, {north} north': '{east} östlich, {north} nördlich',
  'edge {far} off the ground': 'Kante {far} über dem Boden',
  'A ball is {across} across: half of that is half buried.':
    'Ein Ball ist {across} dick: die Hälfte davon ist halb vergraben.',
  '{hand} is about a hand deep. Any deeper and the base no longer matters.':
    '{hand} sind etwa eine Handbreit. Noch tiefer, und der Untergrund spielt keine Rolle mehr.',
  'A level cubic foot of dry, medium sand weighs about 97 lb.':
    'Ein gestrichener Kubikfuß trockener, mittlerer Sand wiegt etwa 97 lb.',
};
