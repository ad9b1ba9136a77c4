/** Bunkers and greens as they are drawn and read, in German. */
export const GROUND = {
  'Bunker {n}': 'Bunker {n}',
  'Green {n}': 'Grün {n}',
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
