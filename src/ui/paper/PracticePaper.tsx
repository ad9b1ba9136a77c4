import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { drillsById, type ListedDrill } from '@/core/lesson/drills/chosen';
import { careOf } from '@/core/tell/drills/loadWords';
import type { Homework } from '@/core/lesson/homework/plan';
import type { Session } from '@/core/lesson/homework/sessions';
import type { UnitSystem } from '@/core/ground/units/system';
import { rulesFoot } from '@/core/tell/script/care';
import { counted } from '@/core/tell/words/counted';
import { DrillDrawing } from '../drills/DrillDrawing';
import { dosedWords } from '@/core/tell/drills/doseWords';
import { sayDay, sayWeekday } from '../kit/day';
import { Drawing } from './Drawing';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';

const MARGIN = 40;

const styles = StyleSheet.create({
  page: { padding: MARGIN, paddingBottom: MARGIN + 36, ...running(10.5, 1.4) },
  name: heading(20),
  under: { color: SOFT, marginTop: 4 },
  head: { ...heading(13, 1.4), marginTop: 14, marginBottom: 3 },
  row: { flexDirection: 'row', borderBottom: `0.5 solid ${LINE}`, paddingVertical: 4, gap: 8 },
  tick: { width: 13, height: 13, border: `1 solid #14302a`, marginTop: 1 },
  day: { width: 96 },
  blank: { width: 190, borderBottom: `0.5 solid ${LINE}` },
  drill: { marginTop: 8, flexDirection: 'row', gap: 14 },
  care: { fontSize: 8.5, color: SOFT, marginTop: 2 },
  foot: footAt(MARGIN, MARGIN - 12, 8),
});

export interface PracticePaperProps {
  playerName: string;
  plan: Homework;
  sessions: readonly Session[];
  /** The drills of the plan. */
  drills: readonly ListedDrill[];
  units: UnitSystem;
}

const PICTURE = 180;

/** Practice on a sheet: a box to tick for each session, room for what was counted, and the drills with their set-up. */
export function PracticePaper({ playerName, plan, sessions, drills, units }: PracticePaperProps) {
  const known = drillsById(drills);
  return (
    <Paper title={t('Bunker practice for {playerName}', { playerName })}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{t('Bunker practice for {playerName}', { playerName })}</Text>
        <Text style={styles.under}>
          {t('{weeks} from {day}, at {last}, {minutes}{where}', {
            weeks: counted(plan.weeks, 'week'),
            day: sayDay(plan.starts_on),
            last: plan.at,
            minutes: counted(plan.minutes, 'minute'),
            where: plan.where && `, ${plan.where}`,
          })}
        </Text>
        {plan.note !== '' && <Text style={{ marginTop: 6 }}>{plan.note}</Text>}
        <Text style={styles.head}>{t('Sessions: tick, and write what counted')}</Text>
        {sessions
          .filter(({ state }) => state !== 'missed')
          .map(({ nth, day, work, state }) => (
            <View key={`${nth}${day}`} style={styles.row} wrap={false}>
              <View style={styles.tick}>
                {state === 'done' && <Text style={{ fontSize: 9, lineHeight: 1 }}> x</Text>}
              </View>
              <Text style={styles.day}>
                {nth}. {sayWeekday(day)}
              </Text>
              <View style={{ flex: 1 }}>
                {work.map(({ drill, ...dose }) => (
                  <View key={drill} style={{ flexDirection: 'row', gap: 6 }}>
                    <Text style={{ flex: 1 }}>
                      {known.get(drill)?.name ?? drill}
                      {dose.sets ? `, ${dosedWords(dose)}` : ''}
                    </Text>
                    <Text>{t('______ of {balls}', { balls: dose.balls })}</Text>
                  </View>
                ))}
              </View>
            </View>
          ))}
        <Text style={styles.head}>{t('Drills')}</Text>
        {drills.map((drill) => (
          <View key={drill.id} style={styles.drill} wrap={false}>
            <View style={{ flex: 1 }}>
              <Text style={{ fontWeight: 700 }}>{drill.name}</Text>
              {drill.steps.map((step, i) => (
                <Text key={step}>
                  {i + 1}. {step}
                </Text>
              ))}
              <Text>
                {t('Count: {counts}.{harder}', {
                  counts: drill.counts,
                  harder: drill.harder && ` ${t('Harder: {harder}', { harder: drill.harder })}`,
                })}
              </Text>
              <Text style={styles.care}>{careOf(drill).join(' ')}</Text>
            </View>
            {drill.marks.length > 0 && (
              <View style={{ width: PICTURE }}>
                <Drawing width={PICTURE}>
                  <DrillDrawing marks={drill.marks} units={units} />
                </Drawing>
              </View>
            )}
          </View>
        ))}
        <Text style={styles.foot} fixed>
          {rulesFoot()}
        </Text>
      </Page>
    </Paper>
  );
}
