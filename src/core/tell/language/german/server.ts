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
  'must be one of {types}': 'muss eines von {types} sein',
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
  'Imported ground': 'Eingelesenes Gelände',
  Card: 'Karte',
  Coaches: 'Trainer',
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
  'Import players': 'Spieler einlesen',
  Practice: 'Training',
  Drills: 'Übungen',
  'The eye': 'Das Auge',
  'Read it and call it: round {seed}, level {level}':
    'Lesen und ansagen: Runde {seed}, Stufe {level}',
  'Bunker test': 'Bunkertest',
  'Bunker tests': 'Bunkertests',
};
