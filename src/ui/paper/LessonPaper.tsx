import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { callWords } from '@/core/tell/lessons/callWords';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import type { PlayerReport } from '@/core/tell/lessons/report';
import { summaryWords } from '@/core/tell/lessons/summary';
import { statWords } from '@/core/tell/lessons/statWords';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { UnitSystem } from '@/core/ground/units/system';
import { rulesFoot } from '@/core/tell/script/care';
import { sayDay } from '../kit/day';
import { FinishPlot } from '../plots/FinishPlot';
import { MarkPlot } from '../plots/MarkPlot';
import { Drawing } from './Drawing';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';

const MARGIN = 40;

const styles = StyleSheet.create({
  page: {
    padding: MARGIN,
    paddingBottom: MARGIN + 36,
    ...running(10.5, 1.4),
  },
  name: heading(20),
  under: { color: SOFT, marginTop: 4 },
  head: { ...heading(13, 1.4), marginTop: 14, marginBottom: 3 },
  block: { marginTop: 12, paddingTop: 2, borderTop: `1 solid ${LINE}` },
  sides: { flexDirection: 'row', gap: 18, marginTop: 6 },
  table: { flex: 1 },
  row: { flexDirection: 'row', borderBottom: `0.5 solid ${LINE}`, paddingVertical: 2, fontSize: 9 },
  label: { width: 92 },
  cell: { flex: 1, paddingRight: 4 },
  caption: { fontSize: 8, color: SOFT, marginTop: 2 },
  foot: footAt(MARGIN, MARGIN - 12, 8),
});

export interface LessonPaperProps {
  plan: LessonPlan;
  /** The coach's summary of the whole lesson; written from the numbers when it is empty. */
  summary: string;
  homework: string;
  /** Homework of single players, told under their names. */
  own: readonly { player: string; text: string }[];
  reports: readonly PlayerReport<RosterPlayer>[];
  /** True for the card of one player, who is told nothing of the others. */
  card: boolean;
  units: UnitSystem;
}

const PLOT = 196;

function Block({ report, units }: { report: PlayerReport<RosterPlayer>; units: UnitSystem }) {
  const { player, balls, stats, first, second, calls, learning } = report;
  const columns = [
    { name: t('all'), lines: statWords(stats, units) },
    ...(first && second
      ? [
          { name: t('first half at each station'), lines: statWords(first, units) },
          { name: t('second half at each station'), lines: statWords(second, units) },
        ]
      : []),
  ];
  return (
    <View style={styles.block} wrap={false}>
      <Text style={styles.head}>{player.name}</Text>
      {calls.map(({ station, call }) => (
        <Text key={station}>
          <Text style={{ fontWeight: 700 }}>{station}: </Text>
          {callWords(call, player.handed, units)}.
        </Text>
      ))}
      {stats.balls === 0 ? (
        <Text>{t('No balls were logged.')}</Text>
      ) : (
        <>
          <View style={styles.sides}>
            <View style={styles.table}>
              <View style={styles.row}>
                <Text style={styles.label}> </Text>
                {columns.map(({ name }) => (
                  <Text key={name} style={[styles.cell, { fontWeight: 700 }]}>
                    {name}
                  </Text>
                ))}
              </View>
              {columns[0]!.lines.map(([name], i) => (
                <View key={name} style={styles.row}>
                  <Text style={styles.label}>{name}</Text>
                  {columns.map((column) => (
                    <Text key={column.name} style={styles.cell}>
                      {column.lines[i]![1]}
                    </Text>
                  ))}
                </View>
              ))}
            </View>
          </View>
          <View style={styles.sides}>
            <View style={{ width: PLOT }}>
              <Drawing width={PLOT}>
                <FinishPlot balls={balls} finish={stats.finish} units={units} />
              </Drawing>
              <Text style={styles.caption}>{t('Where balls stopped around the flag')}</Text>
            </View>
            <View style={{ width: PLOT }}>
              <Drawing width={PLOT}>
                <MarkPlot balls={balls} handed={player.handed} units={units} />
              </Drawing>
              <Text style={styles.caption}>
                {t('Entry points against plan, first ball at the top')}
              </Text>
            </View>
            <Text style={[styles.caption, { flex: 1 }]}>
              {t('In brackets: 95% confidence. The ellipse holds 8 balls in 10.')}
              {learning && ` ${learning}`}
            </Text>
          </View>
        </>
      )}
    </View>
  );
}

/** Homework under its title, a line for each of its lines; nothing where there is none. */
function Homework({ title, text }: { title: string; text: string }) {
  if (text.trim() === '') return null;
  return (
    <View wrap={false}>
      <Text style={styles.head}>{title}</Text>
      {text
        .split('\n')
        .filter((line) => line.trim())
        .map((line, i) => (
          <Text key={i}>{line}</Text>
        ))}
    </View>
  );
}

/** A lesson on paper: the whole of it for the coach, or the card that one player takes home. */
export function LessonPaper(props: LessonPaperProps) {
  const { plan, summary, homework, own, reports, card, units } = props;
  const day = sayDay(plan.held_on);
  const title = card ? reports[0]!.player.name : t('Lesson of {day}', { day });
  const alone = plan.players.length === 1;
  const said =
    (card && !alone) || !summary.trim() ? summaryWords(plan.place, reports, units) : summary;
  return (
    <Paper title={`${title}, ${plan.place}`}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{title}</Text>
        <Text style={styles.under}>
          {[card ? day : '', plan.place, plan.weather].filter(Boolean).join(' · ')}
        </Text>
        <Text style={styles.head}>{t('What we worked on')}</Text>
        <Text>{said}</Text>
        <Homework title={t('Homework')} text={homework} />
        {reports.map(({ player }) => (
          <Homework
            key={player.id}
            title={t('Homework for {player}', { player: player.name })}
            text={own.find((each) => each.player === player.id)?.text ?? ''}
          />
        ))}
        {reports.map((report) => (
          <Block key={report.player.id} report={report} units={units} />
        ))}
        <Text style={styles.foot} fixed>
          {rulesFoot()}
        </Text>
      </Page>
    </Paper>
  );
}
