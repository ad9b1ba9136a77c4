import { readPlace } from '@/core/place/record/place';
import { PETAL_TURNS } from '@/core/place/rose/rose';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { sightOf, spotAt, wayFrom } from '@/core/place/sight/sight';
import { gridOver } from '@/core/place/field/grid';
import { demoPlace } from './ground';

test('the ground of the demo is sound, and every flag can be played at from everywhere in the sand', () => {
  const place = readPlace(demoPlace('2026-04-02', '2026-11-03'));
  const drawn = drawnPlace(place);
  for (const { id, ring } of drawn.bunkers) {
    for (const { at } of gridOver(ring).places) {
      for (const { id: flag } of place.greens[0]!.flags) {
        const spot = spotAt(drawn, { bunker: id, ball: at, green: 'green', flag });
        expect(sightOf(drawn, spot).pin).toBeGreaterThan(4);
        expect(wayFrom(drawn, spot, PETAL_TURNS[17]!).room).toBeGreaterThanOrEqual(1);
      }
    }
  }
});
