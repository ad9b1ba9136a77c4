import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import { missPicture } from '@/core/tell/picture/missPicture';
import type { Answer } from '@/core/tell/answer/answer';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { setUpWords, type DrawnWords } from '@/core/tell/sheet/setUpWords';
import type { Hand } from '@/core/ground/player/player';
import { oddsWords } from '@/core/tell/words/oddsWords';
import type { MissName } from '@/core/model/shot/misses';
import type { Shot } from '@/core/ground/situation/shot';
import { SHOULDER_WIDTH } from '@/core/model/swing/technique';
import type { UnitSystem } from '@/core/ground/units/system';
import { KIND_WORDS } from '@/core/tell/words/kinds';
import { techniqueName } from '@/core/tell/words/techniques';
import { EntryMark } from '../drawing/EntryMark';
import { FaceClock } from '../drawing/FaceClock';
import { Feet } from '../drawing/Feet';
import { StillSection } from '../drawing/section/StillSection';
import { SwingClock } from '../drawing/SwingClock';
import { rulesFoot } from '@/core/tell/script/care';
import { Drawing } from './Drawing';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';
import { Marked } from './Marked';

const MARGIN = 36;
const WIDTH = 595 - 2 * MARGIN;

/** What fits on the one page. */
const MOST_REASONS = 4;
const MOST_NOTES = 3;
const MISSES_TOLD: readonly MissName[] = ['heavy', 'thin', 'slow', 'quick'];

const styles = StyleSheet.create({
  page: { padding: MARGIN, ...running(10.5, 1.35) },
  name: heading(20),
  said: { fontSize: 11.5, marginTop: 4, marginBottom: 10 },
  callHead: { flexDirection: 'row', alignItems: 'flex-end', marginTop: 12, gap: 8 },
  club: heading(26, 1),
  strokes: { ...heading(13, 1.35), marginLeft: 'auto' },
  drawings: { flexDirection: 'row', justifyContent: 'space-between', marginTop: 10 },
  drawn: { width: 122, alignItems: 'center' },
  caption: { fontWeight: 700, textAlign: 'center', marginTop: 3 },
  note: { color: SOFT, fontSize: 9, textAlign: 'center' },
  script: { fontSize: 12, lineHeight: 1.5, marginTop: 12 },
  others: {
    flexDirection: 'row',
    gap: 24,
    marginTop: 12,
    paddingTop: 8,
    borderTop: `1 solid ${LINE}`,
  },
  other: { flex: 1 },
  reason: { marginTop: 2, fontSize: 9, lineHeight: 1.3 },
  told: { marginTop: 3, fontSize: 8.5, lineHeight: 1.25, color: SOFT },
  foot: footAt(MARGIN, MARGIN, 8),
});

export interface CardPaperProps {
  player: { name: string; handed: Hand };
  /** The reading as a sentence. */
  said: string;
  shot: Shot;
  answer: Answer;
  units: UnitSystem;
}

function Drawn({
  caption,
  note,
  children,
  width,
}: DrawnWords & {
  children: ReactElement;
  width: number;
}) {
  return (
    <View style={styles.drawn}>
      <Drawing width={width}>{children}</Drawing>
      <Text style={styles.caption}>{caption}</Text>
      <Text style={styles.note}>{note}</Text>
    </View>
  );
}

/** Four drawings in the order of the work. */
function FourDrawings({
  call,
  picture,
  handed,
  burial,
  units,
}: {
  call: CallEntry;
  picture: CallPicture;
  handed: Hand;
  burial: number;
  units: UnitSystem;
}) {
  const words = setUpWords(call, units);
  return (
    <View style={styles.drawings}>
      <Drawn width={78} {...words.face}>
        <FaceClock faceDeg={call.face_deg} handed={handed} />
      </Drawn>
      <Drawn width={106} {...words.ball}>
        <Feet
          handed={handed}
          ballPosition={call.ball_position}
          width={call.stance_width * SHOULDER_WIDTH}
          openDeg={call.stance_open_deg}
          mark={picture.mark.before}
        />
      </Drawn>
      <Drawn width={122} {...words.entry}>
        <EntryMark mark={picture.mark} burial={burial} handed={handed} />
      </Drawn>
      <Drawn width={78} {...words.swing}>
        <SwingClock fraction={call.swing_fraction} handed={handed} />
      </Drawn>
    </View>
  );
}

/** A call that stands beside the best one, in brief. */
function Other({ call }: { call: CallEntry }) {
  return (
    <View style={styles.other}>
      <Text style={{ fontWeight: 700 }}>
        {t('{kind} · {strokes} strokes', {
          kind: call.kind === 'relief' ? t('Relief') : `${call.club}, ${KIND_WORDS[call.kind]}`,
          strokes: call.odds.expected_strokes.toFixed(1),
        })}
      </Text>
      <Text>
        {call.kind === 'relief'
          ? `${techniqueName(call.school)}.`
          : t('Face {face}, swing {swing}. {odds}', {
              face: call.face_deg === 0 ? t('square') : call.face_clock,
              swing: call.swing_clock,
              odds: oddsWords(call.odds),
            })}
      </Text>
    </View>
  );
}

function Reasons({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <View style={styles.other}>
      <Text style={{ fontWeight: 700 }}>{title}</Text>
      {lines.map((line) => (
        <Text key={line} style={styles.reason}>
          {line}
        </Text>
      ))}
    </View>
  );
}

/** What becomes of each miss of the first call. */
function missLines(
  picture: CallPicture,
  { golfer }: Answer,
  shot: Shot,
  units: UnitSystem,
  handed: Hand,
): string[] {
  return MISSES_TOLD.flatMap((miss) => {
    const drawn = missPicture(miss, picture.plan, golfer, shot, { units, handed });
    return drawn ? [drawn.text] : [];
  });
}

/** The card on one page of paper: the reading, the drawing, the call, what stands beside it, rules and care. */
export function CardPaper({ player, said, shot, answer, units }: CardPaperProps) {
  const [best, ...others] = answer.sheet.calls;
  const picture = answer.pictures[0];
  return (
    <Paper title={`${player.name}: ${best?.club ?? t('no call')}`}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{player.name}</Text>
        <Text style={styles.said}>{said}.</Text>
        <Drawing width={WIDTH}>
          <StillSection
            shot={shot}
            pictures={answer.pictures}
            clubs={answer.sheet.calls.map(({ club }) => club)}
            handed={player.handed}
            units={units}
            size={{ width: 752, height: 184 }}
          />
        </Drawing>
        {best && (
          <>
            <View style={styles.callHead}>
              <Text style={styles.club}>
                {best.kind === 'relief' ? t('Take relief') : best.club}
              </Text>
              <Text>
                {best.kind === 'relief' ? techniqueName(best.school) : KIND_WORDS[best.kind]}
              </Text>
              <Text style={styles.strokes}>
                {t('{strokes} strokes from here, on average', {
                  strokes: best.odds.expected_strokes.toFixed(1),
                })}
              </Text>
            </View>
            {best.kind !== 'relief' && (
              <Text style={{ color: SOFT }}>
                {t('Technique: {technique}.', { technique: techniqueName(best.school) })}
              </Text>
            )}
            {picture && best.kind !== 'relief' && (
              <FourDrawings
                call={best}
                picture={picture}
                handed={player.handed}
                burial={shot.burial}
                units={units}
              />
            )}
            <Text style={styles.script}>
              {best.kind === 'relief' ? (
                best.why.map(({ text }) => text).join(' ')
              ) : (
                <Marked>{best.script.map(({ text }) => text).join(' ')}</Marked>
              )}
            </Text>
            {best.kind !== 'relief' && (
              <Text style={{ marginTop: 6, color: SOFT }}>{oddsWords(best.odds)}</Text>
            )}
            <View style={styles.others}>
              {others.slice(0, 2).map((call) => (
                <Other key={`${call.club}/${call.school}`} call={call} />
              ))}
            </View>
          </>
        )}
        {best && best.kind !== 'relief' && (
          <View style={styles.others}>
            <Reasons
              title={t('Why')}
              lines={best.why.slice(0, MOST_REASONS).map(({ text }) => text)}
            />
            {picture && (
              <Reasons
                title={t('What a miss does')}
                lines={missLines(picture, answer, shot, units, player.handed)}
              />
            )}
          </View>
        )}
        {answer.sheet.tie && <Text style={styles.told}>{answer.sheet.tie}</Text>}
        {answer.sheet.notes.slice(0, MOST_NOTES).map((note) => (
          <Text key={note} style={styles.told}>
            {note}
          </Text>
        ))}
        <Text style={styles.foot}>
          {best?.cautions.join(' ')} {rulesFoot()}
        </Text>
      </Page>
    </Paper>
  );
}
