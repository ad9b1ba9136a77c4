import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { feelWords, SHOWS_WORDS, truthWords } from '@/core/tell/lessons/eyeWords';
import type { Scene } from '@/core/lesson/eye/scene';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { rulesFoot } from '@/core/tell/script/care';
import { TiltDrawing } from '../drawing/TiltDrawing';
import { SceneFromAbove, SceneFromSide } from '../practice/SceneDrawing';
import { Drawing } from './Drawing';
import { footAt, heading, LINE, Paper, running, SOFT } from './Paper';

const MARGIN = 36;
const WIDTH = 250;
const TILT = 66;

/** How the ground tilts, as it is seen from two sides. */
const tiltsOf = ({ shot: { slope } }: Scene): [from: string, deg: number][] => [
  [t('from the side'), slope?.along_deg ?? 0],
  [t('from behind'), slope?.across_deg ?? 0],
];

const styles = StyleSheet.create({
  page: { padding: MARGIN, paddingBottom: MARGIN + 30, ...running(9.5, 1.35) },
  name: heading(18),
  under: { color: SOFT, marginTop: 2, marginBottom: 6 },
  scene: { flexDirection: 'row', gap: 12, paddingVertical: 6, borderBottom: `0.5 solid ${LINE}` },
  row: { paddingVertical: 4, borderBottom: `0.5 solid ${LINE}` },
  foot: footAt(MARGIN, MARGIN - 12, 8),
});

export interface EyePaperProps {
  title: string;
  scenes: readonly Scene[];
  /** What the desk calls in each for the class's bag; null where nothing is called at the flag. */
  calls: readonly (string | null)[];
  units: UnitSystem;
}

/** A round for a class: scenes to be read and called on the front, the answers on the back. */
export function EyePaper({ title, scenes, calls, units }: EyePaperProps) {
  return (
    <Paper title={title}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{title}</Text>
        <Text style={styles.under}>
          {t(
            'Estimate distance and lip, name lie, sand and slope, then call the shot. The person is as tall as you are.',
          )}
        </Text>
        {scenes.map((scene, i) => (
          <View key={scene.seed} style={styles.scene} wrap={false}>
            <View style={{ width: WIDTH }}>
              <Drawing width={WIDTH}>
                <SceneFromSide scene={scene} handed="right" />
              </Drawing>
              <View style={{ height: 4 }} />
              <Drawing width={WIDTH}>
                <SceneFromAbove scene={scene} handed="right" />
              </Drawing>
            </View>
            <View style={{ flex: 1 }}>
              <Text style={{ fontWeight: 700 }}>{t('Scene {i}', { i: i + 1 })}</Text>
              <Text>
                {feelWords(scene)} {SHOWS_WORDS[scene.lie]}
              </Text>
              <View style={{ flexDirection: 'row', gap: 10, marginTop: 3 }}>
                {tiltsOf(scene).map(([from, deg]) => (
                  <View key={from}>
                    <Drawing width={TILT}>
                      <TiltDrawing deg={deg} label={from} />
                    </Drawing>
                    <Text style={{ fontSize: 8, color: SOFT }}>{from}</Text>
                  </View>
                ))}
              </View>
              <Text style={{ marginTop: 6 }}>
                {t('Distance ________ Lip ________ Sand ________')}
              </Text>
              <Text style={{ marginTop: 6 }}>{t('Lie __________ Slope __________')}</Text>
              <Text style={{ marginTop: 6 }}>{t('Club ______ Face ______ Entry ______')}</Text>
            </View>
          </View>
        ))}
        <Text style={styles.foot} fixed>
          {rulesFoot()}
        </Text>
      </Page>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{t('Answers')}</Text>
        <Text style={styles.under}>
          {t(
            'As the desk calls them for wedges of 46, 52, 56 and 60° and the academy’s usual level.',
          )}
        </Text>
        {scenes.map((scene, i) => (
          <View key={scene.seed} style={styles.row}>
            <Text>
              {t('{i}. {pin}, lip {lip}, {truth}', {
                i: i + 1,
                pin: sayLength(scene.pin, 'ground', units),
                lip: sayLength(scene.lip, 'height', units),
                truth: truthWords(scene),
              })}
            </Text>
            <Text style={{ fontWeight: 700 }}>
              {calls[i] ?? t('No shot at the flag: play out sideways.')}
            </Text>
          </View>
        ))}
      </Page>
    </Paper>
  );
}
