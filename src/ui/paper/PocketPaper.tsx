import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { LADDER_HOURS, type LadderRow, type Rung } from '@/core/search/ladder/ladder';
import type { PocketCard } from '@/core/tell/pocket/pocketCard';
import { ballPositionWords } from '@/core/tell/script/script';
import { distanceWords, shortLengthWords, weightWords } from '@/core/tell/words/words';
import { shotOf, type Called } from '@/core/search/calls/call';
import type { Band } from '@/core/search/changes/bands';
import { learntWords } from '@/core/tell/words/player';
import { leaderWords } from '@/core/tell/words/changeWords';
import { fractionAtClock, swingClock } from '@/core/ground/units/clock';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { FaceClock } from '../drawing/FaceClock';
import { Feet } from '../drawing/Feet';
import { SHOULDER_WIDTH } from '@/core/model/swing/technique';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { Drawing } from './Drawing';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';

/** A side of the card, points: A7 upright, 74 by 105 mm. */
const SIDE = { width: 209.8, height: 297.6 } as const;
const A4 = { width: 595.3, height: 841.9 } as const;

const styles = StyleSheet.create({
  side: {
    width: SIDE.width,
    height: SIDE.height,
    padding: 11,
    ...running(7.6, 1.25),
  },
  name: heading(13),
  under: { color: SOFT, marginBottom: 5 },
  head: { ...heading(9.5, 1.25), marginTop: 4, marginBottom: 2 },
  row: { flexDirection: 'row', borderBottom: `0.5 solid ${LINE}`, paddingVertical: 1.4 },
  club: { width: 34, fontWeight: 700 },
  cell: { flex: 1, textAlign: 'right' },
  carry: { fontWeight: 700, fontSize: 9 },
  stop: { fontSize: 6.6, color: SOFT },
  tightRow: { paddingVertical: 0.9, height: 10.6 },
  tightText: { fontWeight: 700, fontSize: 8, lineHeight: 1 },
  tightStop: { fontSize: 6, fontWeight: 400, color: SOFT },
  foot: footAt(11, 9, 6, 0.5),
});

const far = (metres: number, units: UnitSystem): string =>
  plainNumber(fromMetres(metres, unitFor('ground', units)), 0);

/** Carry of a rung over where it stops; on one line where rows stand close. */
function RungCell({
  rung,
  units,
  tight,
}: {
  rung: Rung | null;
  units: UnitSystem;
  tight: boolean;
}) {
  const carry = rung ? far(rung.carry, units) : '–';
  const stop = rung ? far(rung.finish, units) : '';
  return tight ? (
    <Text style={[styles.cell, styles.tightText]}>
      {carry} <Text style={styles.tightStop}>{stop}</Text>
    </Text>
  ) : (
    <View style={styles.cell}>
      <Text style={styles.carry}>{carry}</Text>
      {rung && <Text style={styles.stop}>{stop}</Text>}
    </View>
  );
}

/** Rows of a ladder that fit on a side, and rows of both from which on they stand close. */
const MOST_ROWS = 6;
const TIGHT_FROM = 7;

/** A ladder under its heading; clubs that there is no room for are named. */
function LadderRows({
  title,
  rows,
  units,
  tight,
}: {
  title: string;
  rows: readonly LadderRow[];
  units: UnitSystem;
  tight: boolean;
}) {
  const left = rows.slice(MOST_ROWS).map(({ club }) => club);
  return (
    <>
      <Text style={styles.head}>{title}</Text>
      <View style={styles.row}>
        <Text style={styles.club}> </Text>
        {LADDER_HOURS.map((hours) => (
          <Text key={hours} style={styles.cell}>
            {hours >= 11 ? t('full') : swingClock(fractionAtClock(hours))}
          </Text>
        ))}
      </View>
      {rows.slice(0, MOST_ROWS).map((row) => (
        <View key={row.club} style={tight ? [styles.row, styles.tightRow] : styles.row}>
          <Text style={tight ? [styles.club, styles.tightText] : styles.club}>{row.club}</Text>
          {row.rungs.map((rung, i) => (
            <RungCell key={i} rung={rung} units={units} tight={tight} />
          ))}
        </View>
      ))}
      {left.length > 0 && (
        <Text style={styles.stop}>{t('Not on this card: {left}.', { left: left.join(', ') })}</Text>
      )}
    </>
  );
}

/** A call as the card says it: the club, and how it is played where it is not a splash. */
function saidCall(best: Called | null): string {
  if (!best) return t('out sideways');
  return shotOf(best.kind) === 'splash' ? best.club : leaderWords(best);
}

/** A call that leads over less than this is not on the card, m: its neighbours cost next to nothing more there. */
const NARROW = toMetres(3, 'yd');

/** Bands of one call in words: "52 up to 22 yd, 56 picked up to 31 yd". */
function bandWords(bands: readonly Band[], units: UnitSystem): string {
  const joined: { said: string; to: number }[] = [];
  const last = bands.length - 1;
  bands.forEach(({ best, from, to }, i) => {
    const said = saidCall(best);
    const before = joined.at(-1);
    // What leads on beyond the last distance is not narrow.
    const narrow = to - from < NARROW && i < last && before !== undefined;
    if (before && (before.said === said || narrow)) before.to = to;
    else joined.push({ said, to });
  });
  return joined
    .map(({ said, to }, i) =>
      i === joined.length - 1
        ? t('{said} beyond', { said })
        : t('{said} up to {far}', { said, far: sayLength(to, 'ground', units) }),
    )
    .join(', ');
}

function Front({ card }: { card: PocketCard }) {
  const { units, splash, long, learnt } = card;
  const unit = unitFor('ground', units);
  const tight = splash.length + long.length >= TIGHT_FROM;
  return (
    <View style={styles.side}>
      <Text style={styles.name}>{card.name}</Text>
      <Text style={styles.under}>
        {t('{name}, {unit}; swing by the lead arm', {
          name: SAND_WORDS[card.sand].name,
          unit: unit === 'm' ? t('metres') : t('yards'),
        })}
      </Text>
      <LadderRows
        title={t('Splash: carry, and finish')}
        rows={splash}
        units={units}
        tight={tight}
      />
      <LadderRows title={t('Long, less sand')} rows={long} units={units} tight={tight} />
      <Text style={styles.foot}>
        {t(
          'The shot as planned, level green of average speed; 8 balls in 10 finish well to either side. From the model',
        )}
        {learnt && t(', with {numbers}', { numbers: learntWords(learnt) })}
        {t('; not from a fitting.')}
      </Text>
    </View>
  );
}

function Back({ card }: { card: PocketCard }) {
  const { units, call, handed } = card;
  return (
    <View style={styles.side}>
      <Text style={styles.head}>{t('Which club, by the distance to the flag')}</Text>
      {card.bands.map(({ lip, bands }) => (
        <Text key={lip} style={{ marginTop: 1 }}>
          <Text style={{ fontWeight: 700 }}>
            {t('Lip {lip}:', { lip: sayLength(lip, 'height', units) })}{' '}
          </Text>
          {bandWords(bands, units)}.
        </Text>
      ))}
      <Text style={styles.head}>{t('The plain splash with the {club}', { club: call.club })}</Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Drawing width={38}>
          <FaceClock faceDeg={call.face_deg} handed={handed} />
        </Drawing>
        <Drawing width={60}>
          <Feet
            handed={handed}
            ballPosition={call.ball_position}
            width={call.stance_width * SHOULDER_WIDTH}
            openDeg={call.stance_open_deg}
            mark={toMetres(call.entry_in, 'in')}
          />
        </Drawing>
      </View>
      {[
        t('Face {face}, then take your grip.', {
          face: call.face_deg === 0 ? t('square') : t('to {face}', { face: call.face_clock }),
        }),
        t('Ball {position}, feet dug in.', {
          position: ballPositionWords(call.ball_position),
        }),
        t('{share} of the weight on the lead foot.', {
          share: weightWords(call.weight_lead),
        }),
        t('Enter {length} behind the ball.', {
          length: shortLengthWords(toMetres(call.entry_in, 'in'), units),
        }),
        t('Swing to {swing} for {distance}; through to the finish.', {
          swing: call.swing_clock,
          distance: distanceWords(card.distance, units),
        }),
      ].map((line) => (
        <Text key={line} style={{ marginTop: 0.5 }}>
          {line}
        </Text>
      ))}
      <Text style={styles.head}>{t('Care')}</Text>
      {card.cautions.slice(0, 3).map((line) => (
        <Text key={line} style={{ marginTop: 1 }}>
          {line}
        </Text>
      ))}
      <Text style={styles.foot}>
        {t(
          'In play do not touch the sand before the stroke, with hand, club or a practice swing; marks are for practice areas. Rake, and leave by the low side. The Rules of Golf in force and Local Rules decide; what the player’s body can take is for a coach, doctor or physiotherapist to say.',
        )}
      </Text>
    </View>
  );
}

/** Where four cards lie on a page, points. */
const PLACES = [0, 1].flatMap((row) =>
  [0, 1].map((column) => ({
    left: (A4.width - 2 * SIDE.width) / 2 + column * SIDE.width,
    top: (A4.height - 2 * SIDE.height) / 2 + row * SIDE.height,
  })),
);

/** The pocket card: front and back at pocket size, or four of each on a page with lines to cut along. */
export function PocketPaper({ card, sheet }: { card: PocketCard; sheet: 'single' | 'four' }) {
  const sides = [<Front key="front" card={card} />, <Back key="back" card={card} />];
  return (
    <Paper title={t('{card}: pocket card', { card: card.name })}>
      {sides.map((side, i) =>
        sheet === 'single' ? (
          <Page key={i} size={[SIDE.width, SIDE.height]}>
            {side}
          </Page>
        ) : (
          <Page key={i} size="A4">
            {PLACES.map((place, k) => (
              <View
                key={k}
                style={{ position: 'absolute', ...place, ...SIDE, border: `0.4 dashed ${LINE}` }}
              >
                {side}
              </View>
            ))}
          </Page>
        ),
      )}
    </Paper>
  );
}
