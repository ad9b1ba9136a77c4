/** What stands on every page, in German. */
export const FRAME = {
  'This could not be worked out. Reload the page to try again.':
    'Das ließ sich nicht rechnen. Laden Sie die Seite neu, um es noch einmal zu versuchen.',
  'In a panel: arrow keys change a number (with Shift, by ten); Escape closes.':
    'In einem Feld ändern die Pfeiltasten eine Zahl (mit Umschalt um zehn); Escape schließt.',
  'with {bounce}° of bounce': 'mit {bounce}° Bounce',
  'that carries {carry}': 'mit {carry} Carry',
  'Import a list of players': 'Eine Liste von Spielern einlesen',
  'A CSV file from your own records, or a file exported from Mellow Divot.':
    'Eine CSV-Datei aus Ihren eigenen Unterlagen, oder eine Datei aus Mellow Divot.',
  'Fill in a form instead': 'Stattdessen ein Formular ausfüllen',
  'Every club with loft, bounce, sole and carry.':
    'Jeder Schläger mit Loft, Bounce, Sohle und Carry.',
  'All settings of the academy': 'Alle Einstellungen der Akademie',
  'Techniques you teach, how much a bad miss counts, backups, sign-in.':
    'Techniken, die Sie lehren, wie schwer ein Fehlschlag wiegt, Sicherungen, Anmeldung.',
  'a name': 'ein Name',
  'at least one club': 'mindestens ein Schläger',
  'Welcome to Mellow Divot': 'Willkommen bei Mellow Divot',
  'Every shot is worked out for one player and the clubs in that player’s bag. Say who your first player is, and read the first bunker.':
    'Jeder Schlag wird für einen Spieler und die Schläger in seinem Bag gerechnet. Sagen Sie, wer Ihr erster Spieler ist, und lesen Sie den ersten Bunker.',
  'Name of your academy': 'Name Ihrer Akademie',
  Units: 'Einheiten',
  'Your first player, in a sentence: name, level or handicap, clubs with loft, bounce and carry':
    'Ihr erster Spieler in einem Satz, auf Englisch: Name, Spielstärke oder Handicap, Schläger mit Loft, Bounce und Carry',
  'Understood:': 'Verstanden:',
  'handicap {level}': 'Handicap {level}',
  'usually {miss}': 'meist {miss}',
  'Not understood, and left out:': 'Nicht verstanden und weggelassen:',
  '{wanting} is still needed.': '{wanting} fehlt noch.',
  'Adding …': 'Wird hinzugefügt …',
  'Add the player and open the desk': 'Den Spieler hinzufügen und das Pult öffnen',
  'To look around first, stop this server and run':
    'Um sich erst umzusehen, halten Sie diesen Server an und starten Sie',
  'with an empty data folder: it opens a made-up academy.':
    'mit einem leeren Datenordner: das öffnet eine erfundene Akademie.',
  Everything: 'Alles',
  'What do you want to do?': 'Was möchten Sie tun?',
  'No match.': 'Kein Treffer.',
  Plans: 'Pläne',
  Notifications: 'Meldungen',
  'Signed in as {who}': 'Angemeldet als {who}',
  'Mellow Divot': 'Mellow Divot',
  Rooms: 'Räume',
  'Units: {units}. Change to {other}': 'Einheiten: {units}. Auf {other} umstellen',
  'yd · ft': 'yd · ft',
  'm · cm': 'm · cm',
  'Dusk theme': 'Dämmerungsfarben',
  'Light theme': 'Helle Farben',
  'Create a device key': 'Einen Geräteschlüssel erstellen',
  'Copy this key now: it is shown only once, and it replaces any earlier key.':
    'Kopieren Sie diesen Schlüssel jetzt: er wird nur einmal gezeigt und ersetzt jeden früheren.',
  '. The device posts lines to': '. Das Gerät sendet Zeilen an',
  '{label} must be a number in {unit}, not "{text}".':
    '{label} muss eine Zahl in {unit} sein, nicht „{text}“.',
  Close: 'Schließen',
  'Save as': 'Speichern als',
  Ctrl: 'Strg',
  Shift: 'Umschalt',
  'the bunkers of {place}': 'die Bunker von {place}',
  'yards and feet': 'Yards und Fuß',
  'The server is not answering. Nothing was lost: try again in a moment.':
    'Der Server antwortet nicht. Nichts ist verloren: versuchen Sie es gleich noch einmal.',
  'You are no longer signed in. Nothing was lost: open another tab, sign in there, and try again here.':
    'Sie sind nicht mehr angemeldet. Nichts ist verloren: öffnen Sie einen anderen Tab, melden Sie sich dort an, und versuchen Sie es hier noch einmal.',
  'The server answered {status}.': 'Der Server hat {status} geantwortet.',
  'Deleted: {name}': 'Gelöscht: {name}',
};
