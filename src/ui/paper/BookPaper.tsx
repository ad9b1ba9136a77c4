import { t } from '@/core/tell/language/t';
import { Page, StyleSheet, Text, View } from '@react-pdf/renderer';
import { bunkerNumbers } from '@/core/place/field/bunkerNumbers';
import type { Visit } from '@/core/place/field/field';
import { numberRows, visitWords } from '@/core/tell/place/numberWords';
import type { Place } from '@/core/place/record/place';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import type { UnitSystem } from '@/core/ground/units/system';
import { rulesFoot } from '@/core/tell/script/care';
import { BunkerSketch } from '../ground/plan/BunkerSketch';
import { sayDay } from '../kit/day';
import { Drawing } from './Drawing';
import { footAt, heading, INK, LINE, Paper, running, SOFT } from './Paper';

const MARGIN = 36;
const PICTURE = 190;

const styles = StyleSheet.create({
  // Large and dark: it is read in the sun.
  page: { padding: MARGIN, paddingBottom: MARGIN + 36, ...running(12, 1.35) },
  name: heading(20),
  under: { color: SOFT, marginTop: 3 },
  bunker: {
    marginTop: 12,
    paddingTop: 6,
    borderTop: `1.5 solid ${INK}`,
    flexDirection: 'row',
    gap: 14,
  },
  title: { ...heading(14), marginBottom: 4 },
  row: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    gap: 10,
    borderBottom: `0.5 solid ${LINE}`,
    paddingVertical: 1.5,
  },
  // It takes what the name leaves: a text that may only shrink is measured as one line, and the next is cut.
  value: { fontWeight: 700, textAlign: 'right', flex: 1 },
  foot: footAt(MARGIN, MARGIN - 12, 8),
});

export interface BookPaperProps {
  place: Place;
  /** YYYY-MM-DD. */
  day: string;
  player: string;
  /** What a visit to each bunker costs the player, by its id. */
  visits: Readonly<Record<string, Visit | null>>;
  units: UnitSystem;
}

/** Every bunker of a place with its numbers. */
export function BookPaper({ place, day, player, visits, units }: BookPaperProps) {
  const drawn = drawnPlace(place);
  return (
    <Paper title={t('{place}: bunker book', { place: place.name })}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.name}>{place.name}</Text>
        <Text style={styles.under}>
          {t('Bunkers on {day}. Visits are what {player} needs from a clean lie.', {
            day: sayDay(day),
            player,
          })}
        </Text>
        {bunkerNumbers(drawn, day).map((numbers) => {
          const bunker = drawn.bunkers.find(({ id }) => id === numbers.id)!;
          const [nearest] = numbers.flags;
          const visit = visits[numbers.id];
          const rows = [
            ...numberRows(numbers, units),
            ...(nearest && visit !== undefined
              ? [
                  [
                    t('A visit, to {nearest}', { nearest: nearest.name }),
                    visitWords(visit),
                  ] as const,
                ]
              : []),
          ];
          return (
            <View key={numbers.id} style={styles.bunker} wrap={false}>
              <View style={{ width: PICTURE }}>
                <Text style={styles.title}>{numbers.name}</Text>
                <Drawing width={PICTURE}>
                  <BunkerSketch place={drawn} bunker={bunker} />
                </Drawing>
              </View>
              <View style={{ flex: 1 }}>
                {rows.map(([name, said]) => (
                  <View key={name} style={styles.row}>
                    <Text style={{ color: SOFT }}>{name}</Text>
                    <Text style={styles.value}>{said.replaceAll('\u00a0', ' ')}</Text>
                  </View>
                ))}
              </View>
            </View>
          );
        })}
        <Text style={styles.foot} fixed>
          {rulesFoot()}
        </Text>
      </Page>
    </Paper>
  );
}
