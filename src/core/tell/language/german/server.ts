/** What the server answers, in German. */
export const SERVER = {
  'Too many tries. Wait {wait}, then try again.':
    'Zu viele Versuche. Warten Sie {wait} und versuchen Sie es dann noch einmal.',
  'a minute': 'eine Minute',
  '{wait} minutes': '{wait} Minuten',
  'That sign-in name and passphrase do not match.':
    'Dieser Anmeldename und dieses Kennwort gehören nicht zusammen.',
  'nobody is signed in here, or the session has ended':
    'hier ist niemand angemeldet, oder nicht mehr',
  'is not open to who is signed in here': 'steht dem, der hier angemeldet ist, nicht offen',
  'the data is on a database server, whose own tools make its backups':
    'die Daten liegen auf einem Datenbankserver, der mit eigenen Werkzeugen gesichert wird',
  'must be "Bearer " and the key': 'muss „Bearer “ und der Schlüssel sein',
  'must be one of {types}': 'muss eines von {types} sein',
  'too much is being saved at this moment; try again':
    'im Augenblick wird zu viel gespeichert; versuchen Sie es noch einmal',
  'The new passphrase and its repetition are not the same.':
    'Das neue Kennwort und seine Wiederholung sind nicht gleich.',
  'That is not your passphrase so far.': 'Das ist nicht Ihr bisheriges Kennwort.',
  'is not open until you have changed the passphrase you were given':
    'steht erst offen, wenn Sie das Kennwort geändert haben, das man Ihnen gab',
  'Change your passphrase': 'Ihr Kennwort ändern',
  'Somebody else gave you this passphrase. Choose one that nobody else knows.':
    'Dieses Kennwort hat Ihnen jemand gegeben. Wählen Sie eines, das sonst niemand kennt.',
  'Passphrase so far': 'Bisheriges Kennwort',
  'New passphrase, {n} characters or more': 'Neues Kennwort, mindestens {n} Zeichen',
  'The new one again': 'Das neue noch einmal',
  'Your other devices are signed out.': 'Ihre anderen Geräte werden abgemeldet.',
  'Keep the one so far': 'Das bisherige behalten',
  'must not be the one so far': 'darf nicht das bisherige sein',
  'must be a UUID': 'muss eine UUID sein',
  'there is no such player': 'diesen Spieler gibt es nicht',
  'there is no player "{player}" in the roster':
    'in der Spielerliste gibt es keinen Spieler „{player}“',
  'too many devices are watching right now': 'im Moment sehen zu viele zu',
  'must be one of csv, json, not "{as}"': 'muss csv oder json sein, nicht „{as}“',
  'must be a whole number, not "{text}"': 'muss eine ganze Zahl sein, nicht „{text}“',
  'must be a PNG or JPEG picture': 'muss ein PNG- oder JPEG-Bild sein',
  'is not {type}': 'ist kein {type}',
  'must be at most {mostPixels} pixels across and down':
    'darf höchstens {mostPixels} Bildpunkte breit und hoch sein',
  'Imported ground': 'Eingelesenes Gelände',
  'must be at most {mostLinks} at a time: withdraw one first':
    'dürfen höchstens {mostLinks} zugleich sein: ziehen Sie erst einen zurück',
  'must be a whole number from 0 to {most}, not "{text}"':
    'muss eine ganze Zahl von 0 bis {most} sein, nicht „{text}“',
  'must be true or false, not "{text}"': 'muss true oder false sein, nicht „{text}“',
  'must be at most {most} characters': 'darf höchstens {most} Zeichen lang sein',
  'must be one of {orders}, not "{said}"': 'muss eines von {orders} sein, nicht „{said}“',
  'there is no such record': 'das gibt es nicht',
  'must not be over {most}': 'darf höchstens {most} groß sein',
  'did not arrive whole; send it again': 'kam nicht vollständig an; bitte noch einmal senden',
  'must be application/json': 'muss application/json sein',
  '"{player}" is not in this lesson': '„{player}“ ist nicht in dieser Stunde',
  'must be under {stations}, not {station}': 'muss unter {stations} liegen, nicht {station}',
  'the lesson is not there any more': 'die Stunde gibt es nicht mehr',
  'no lesson is listening to the tracker': 'keine Stunde hört gerade auf den Tracker',
  'must be a whole number, not {said}': 'muss eine ganze Zahl sein, nicht {said}',
  Card: 'Karte',
  'names no player or no usable reading': 'nennt keinen Spieler oder keine brauchbare Situation',
  Coaches: 'Trainer',
  'nobody is signed in here who may see this': 'hier ist niemand angemeldet, der das sehen darf',
  'Recently deleted': 'Zuletzt gelöscht',
  'Sign-in name': 'Anmeldename',
  Passphrase: 'Kennwort',
  'Sign in': 'Anmelden',
  'You do not have access to this, {name}. Ask the head coach if you should.':
    'Das steht Ihnen nicht offen, {name}. Fragen Sie den Cheftrainer, wenn es so sein soll.',
  'Go to the lessons': 'Zu den Stunden',
  'Sign out': 'Abmelden',
  'Log balls for this lesson on this phone? It will see only this lesson, for one day.':
    'Bälle dieser Stunde auf diesem Telefon aufschreiben? Es sieht nur diese Stunde, einen Tag lang.',
  'Open the lesson here': 'Die Stunde hier öffnen',
  'The database is not answering. Try again in a minute; balls waiting in this browser are kept.':
    'Die Datenbank antwortet im Moment nicht. Versuchen Sie es in einer Minute noch einmal; Bälle, die in diesem Browser warten, bleiben erhalten.',
  'This code has been used or has run out. On the lesson’s page choose “Take it to the bunker” for a new one.':
    'Dieser Code ist benutzt oder abgelaufen. Wählen Sie auf der Seite der Stunde „In den Bunker mitnehmen“ für einen neuen.',
  'This link does not work, or no longer does. Ask your coach for a new one.':
    'Dieser Link öffnet nichts, oder nicht mehr. Fragen Sie Ihren Trainer nach einem neuen.',
  'Something went wrong': 'Etwas ist schiefgegangen',
  'Nothing you saved is lost, and balls waiting in this browser are still here. If it happens again, check the server’s log{digest}.':
    'Nichts Gespeichertes ist verloren, und Bälle, die in diesem Browser warten, sind noch da. Wenn es wieder geschieht, sehen Sie im Protokoll des Servers nach{digest}.',
  'Try again': 'Noch einmal versuchen',
  Desk: 'Pult',
  'Bunker book': 'Bunkerbuch',
  Ground: 'Gelände',
  'is not served under the name {host}': 'wird nicht unter dem Namen {host} angeboten',
  'a page from another site may not do this': 'eine fremde Seite darf das nicht anfragen',
  'the address has a character that is not text':
    'die Adresse enthält ein Zeichen, das in keinem Text steht',
  'the address has a % that does not stand for a character':
    'die Adresse enthält ein %, dem kein Zeichen folgt',
  'Bunker shots prescribed, explained, logged and learned.':
    'Bunkerschläge angesagt, erklärt, aufgeschrieben und gelernt.',
  Lesson: 'Stunde',
  '"{one}" is not in this lesson': '„{one}“ ist nicht in dieser Stunde',
  'Plan a lesson': 'Eine Stunde planen',
  'Practice bunker': 'Übungsbunker',
  Review: 'Rückblick',
  Lessons: 'Stunden',
  'Page not found': 'Seite nicht gefunden',
  'This player, lesson or page does not exist. It may have been deleted, or the address is incomplete.':
    'Diesen Spieler, diese Stunde oder diese Seite gibt es nicht. Vielleicht wurde sie gelöscht, oder die Adresse ist unvollständig.',
  'Go to': 'Weiter zu',
  Players: 'Spieler',
  'The player in this link is not in the roster: {player}.':
    'Der Spieler in diesem Link steht nicht in der Spielerliste: {player}.',
  'Part of this link could not be read and was left out: {faults}. The rest was used.':
    'Ein Teil dieses Links war nicht zu lesen und wurde weggelassen: {faults}. Der Rest wurde übernommen.',
  'This link could not be read. {faults}.': 'Dieser Link war nicht zu lesen. {faults}.',
  '{player} · Mellow Divot': '{player} · Mellow Divot',
  Player: 'Spieler',
  'must be one of {sands}, not "{said}"': 'muss eines von {sands} sein, nicht „{said}“',
  'Import players': 'Spieler einlesen',
  Practice: 'Training',
  Drills: 'Übungen',
  'The eye': 'Das Auge',
  'must be a whole number from 1 to 99999, with a level from 1 to 5':
    'muss eine ganze Zahl von 1 bis 99999 sein, mit einer Stufe von 1 bis 5',
  'Read it and call it: round {seed}, level {level}':
    'Lesen und ansagen: Runde {seed}, Stufe {level}',
  'Bunker test': 'Bunkertest',
  'Bunker tests': 'Bunkertests',
  '"{signIn}" is somebody else\'s': '„{signIn}“ gehört jemand anderem',
  'must leave at least one head coach': 'muss mindestens einen Cheftrainer übrig lassen',
  'Too many people are signing in right now. Wait a few seconds and try again.':
    'Im Moment melden sich zu viele an. Warten Sie ein paar Sekunden und versuchen Sie es noch einmal.',
  '"{player}" is not in this lesson, or was erased':
    '„{player}“ ist nicht in dieser Stunde oder wurde gelöscht',
  '{gone} was deleted from the roster: bring the player back, or drop the ball':
    '{gone} wurde aus der Spielerliste gelöscht: holen Sie den Spieler zurück oder lassen Sie den Ball weg',
  'must be under {stations}, the stations of this lesson, not {station}':
    'muss unter {stations} liegen, den Stationen dieser Stunde, nicht {station}',
  'is the id of a ball in another lesson': 'ist die Kennung eines Balls einer anderen Stunde',
  'was changed on another device since you opened it':
    'wurde auf einem anderen Gerät geändert, seit Sie es geöffnet haben',
  'must be at most {mostDrills}, counting those already here':
    'dürfen mit denen, die schon hier sind, höchstens {mostDrills} sein',
  'a plan holds at most {mostResults} of them': 'ein Plan hält höchstens {mostResults} davon',
  'is cut short: its end is missing': 'ist abgeschnitten: das Ende fehlt',
  'another lesson uses the tracker now': 'eine andere Stunde benutzt den Tracker gerade',
  'is that of a player of another coach: ask that coach to share the player':
    'gehört zu einem Spieler eines anderen Trainers: bitten Sie diesen Trainer, den Spieler zu teilen',
  'must keep the players of other coaches: only their own coach takes them out':
    'muss die Spieler anderer Trainer behalten: nur deren eigener Trainer nimmt sie heraus',
  'must keep "{player}", who has hit {balls} logged balls at station {station}':
    'muss „{player}“ behalten: {balls} aufgeschriebene Bälle an Station {station}',
  'must stay with its shot: {balls} balls are logged there; add a new station instead':
    'muss bei ihrem Schlag bleiben: {balls} Bälle sind dort aufgeschrieben; fügen Sie eine neue Station hinzu',
  'this lesson was deleted: bring it back before it is saved':
    'diese Stunde wurde gelöscht: holen Sie sie zurück, bevor sie gespeichert wird',
  'this place was deleted: bring it back before it is saved':
    'dieses Gelände wurde gelöscht: holen Sie es zurück, bevor es gespeichert wird',
  'must be at most {mostPlaces}': 'dürfen höchstens {mostPlaces} sein',
  'the database server is not answering; try again':
    'der Datenbankserver antwortet im Moment nicht; versuchen Sie es noch einmal',
  'this plan was deleted: bring it back before it is saved':
    'dieser Plan wurde gelöscht: holen Sie ihn zurück, bevor er gespeichert wird',
  'this test was deleted: bring it back before it is saved':
    'dieser Test wurde gelöscht: holen Sie ihn zurück, bevor er gespeichert wird',
  'must stay the player of this plan': 'muss der Spieler dieses Plans bleiben',
  'must stay the player of this test': 'muss der Spieler dieses Tests bleiben',
  'has been saved on another device since you opened it':
    'wurde auf einem anderen Gerät gespeichert, seit es hier geöffnet wurde',
  'Too much is being worked out right now. Try again in a few seconds.':
    'Im Moment wird zu viel gerechnet. Versuchen Sie es in ein paar Sekunden noch einmal.',
  'would be over {most}: use the backups or npm run move instead':
    'wäre größer als {most}: nehmen Sie dafür die Sicherungen oder npm run move',
  'must be an academy’s file as Mellow Divot saved it, unchanged':
    'muss eine Akademie-Datei sein, wie Mellow Divot sie gespeichert hat, unverändert',
  'was saved by another version of Mellow Divot ({step}, this is {here}): use the same version on both machines':
    'wurde von einer anderen Version von Mellow Divot gespeichert ({step}, diese ist {here}): nehmen Sie auf beiden Rechnern dieselbe Version',
  'has nobody who may sign in as head coach: nobody could open it here':
    'hat niemanden, der sich als Cheftrainer anmelden darf: niemand könnte sie hier öffnen',
};
