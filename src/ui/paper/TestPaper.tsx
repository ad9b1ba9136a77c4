import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { SKILLS } from '@/core/ground/player/player';
import { mostPoints } from '@/core/lesson/bunkerTest/bands';
import { bandWords } from '@/core/tell/lessons/bandWords';
import { believedOf, expectedPoints, figureOf, pointsOf } from '@/core/lesson/bunkerTest/figure';
import { bandsInHundred, type StoredTest } from '@/core/lesson/bunkerTest/test';
import { figureWords } from '@/core/tell/lessons/testWords';
import type { UnitSystem } from '@/core/ground/units/system';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { rulesFoot } from '@/core/tell/script/care';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { sayDay } from '../kit/day';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';

const MARGIN = 40;

const styles = StyleSheet.create({
  page: { padding: MARGIN, paddingBottom: MARGIN + 36, ...running(10.5, 1.4) },
  name: heading(20),
  under: { color: SOFT, marginTop: 4 },
  head: { ...heading(13, 1.4), marginTop: 14, marginBottom: 3 },
  row: { flexDirection: 'row', borderBottom: `0.5 solid ${LINE}`, paddingVertical: 3 },
  label: { width: 120 },
  cell: { flex: 1 },
  foot: footAt(MARGIN, MARGIN - 12, 8),
});

/** A bunker test on a sheet: stations, points, handicap from bunkers, and every band against what the levels do. */
export function TestPaper({ stored, units }: { stored: StoredTest; units: UnitSystem }) {
  const { test, playerName } = stored;
  const { hits, stations } = test;
  const norms = stations.map((station) => station.norms);
  const rows = bandsInHundred(test);
  return (
    <Paper title={t('Bunker test of {playerName}', { playerName })}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{t('Bunker test of {playerName}', { playerName })}</Text>
        <Text style={styles.under}>
          {t('{day}{place}, {hits} of {balls} balls', {
            day: sayDay(test.held_on),
            place: test.place && `, ${test.place}`,
            hits: hits.length,
            balls: test.balls,
          })}
        </Text>
        {hits.length > 0 && (
          <>
            <Text style={styles.head}>
              {t('{pointsOf} of {mostPoints} points', {
                pointsOf: pointsOf(hits),
                mostPoints: mostPoints(hits.length),
              })}
            </Text>
            <Text>{figureWords(figureOf(believedOf(hits, norms)))}</Text>
            <Text style={styles.head}>{t('Of 100 balls, against every level')}</Text>
            <View style={styles.row}>
              <Text style={styles.label}> </Text>
              {[t('here'), ...SKILLS.map((skill) => SKILL_WORDS[skill])].map((name) => (
                <Text key={name} style={styles.cell}>
                  {name}
                </Text>
              ))}
            </View>
            {rows.map(({ here, levels }, band) => (
              <View key={band} style={styles.row}>
                <Text style={styles.label}>{bandWords()[band]}</Text>
                <Text style={[styles.cell, { fontWeight: 700 }]}>{here}</Text>
                {levels.map((share, i) => (
                  <Text key={i} style={styles.cell}>
                    {share}
                  </Text>
                ))}
              </View>
            ))}
            <View style={styles.row}>
              <Text style={styles.label}>{t('points')}</Text>
              <Text style={[styles.cell, { fontWeight: 700 }]}>{pointsOf(hits)}</Text>
              {SKILLS.map((skill) => (
                <Text key={skill} style={styles.cell}>
                  {Math.round(expectedPoints(hits, norms, skill))}
                </Text>
              ))}
            </View>
          </>
        )}
        <Text style={styles.head}>{t('Stations')}</Text>
        {stations.map(({ shot }, i) => (
          <Text key={i}>
            {i + 1}. {saidShot(shot, units)}
          </Text>
        ))}
        {test.note !== '' && <Text style={{ marginTop: 8 }}>{test.note}</Text>}
        <Text style={styles.foot} fixed>
          {t(
            'The levels are what the model expects with this bag, from these stations, in this sand. In brackets: 90% confidence. {rules}',
            { rules: rulesFoot() },
          )}
        </Text>
      </Page>
    </Paper>
  );
}
