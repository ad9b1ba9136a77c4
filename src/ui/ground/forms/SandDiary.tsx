import { t } from '@/core/tell/language/t';
import { Plus, Trash2 } from 'lucide-react';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { sandDayWords } from '@/core/tell/place/numberWords';
import { middleOf, type Point } from '@/core/place/outline/ring';
import { mm, withDepth, withSand } from '@/core/place/record/edit';
import { sandOn } from '@/core/place/record/onDay';
import { DEPTHS, MOST_SPOTS, ringOf, type Bunker, type SandOn } from '@/core/place/record/place';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { sayDay } from '../../kit/day';
import { Pick, TextInput } from '../../kit/fields';
import { IconButton } from '../../kit/IconButton';
import { TickBox } from '../../kit/TickBox';
import { useUnits } from '../../kit/units';
import { LengthBox, NumberBox } from './NumberBox';
import { ProbeForm } from './ProbeForm';

interface SandDiaryProps {
  bunker: Bunker;
  /** YYYY-MM-DD. */
  today: string;
  onChange: (change: (bunker: Bunker) => Bunker) => void;
}

/** A depth of sand that nobody measured, m. */
const USUAL_DEPTH = 0.1;

/** Where another spot is put: half-way from the middle to a corner, each time another. */
function freeSpot({ outline }: Bunker, spots: number): Point {
  const ring = ringOf(outline);
  const [middle, corner] = [middleOf(ring), ring[spots % ring.length]!];
  return [(middle[0] + corner[0]) / 2, (middle[1] + corner[1]) / 2];
}

/** The sand as it was seen day by day: the latest counts, earlier ones stay. */
export function SandDiary({ bunker, today, onChange }: SandDiaryProps) {
  const units = useUnits();
  const days = [...bunker.sand].sort((a, b) => b.day.localeCompare(a.day));
  const stands = sandOn(bunker, today);
  const put = (seen: Partial<SandOn>): void => onChange((now) => withSand(now, today, seen));
  const depths = stands?.depths ?? [];
  const putDepths = (next: typeof depths): void =>
    put({ depths: next.length > 0 ? next : undefined });
  return (
    <fieldset>
      <legend className="text-base font-semibold">{t('Sand today')}</legend>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <Pick
          label={t('Sand')}
          value={stands?.preset ?? 'medium'}
          onValue={(preset) => put({ preset, firmness: undefined })}
          options={SAND_PRESETS.map((preset) => [preset, SAND_WORDS[preset].short] as const)}
        />
        <NumberBox
          label={t('Moisture')}
          unit={t('of 100')}
          digits={0}
          value={100 * (stands?.moisture ?? 0)}
          limits={[0, 100]}
          onValue={(moisture) => put({ moisture: moisture > 0 ? moisture / 100 : undefined })}
        />
        <LengthBox
          key={today}
          label={depths.length > 0 ? t('Depth away from the marked spots') : t('Depth')}
          scale="short"
          value={stands?.depth_m ?? USUAL_DEPTH}
          limits={DEPTHS}
          onValue={(depth) => put({ depth_m: mm(depth) })}
        />
      </div>
      <TickBox
        label={t('Dry crust over packed, wet sand')}
        checked={stands?.crust ?? false}
        onChecked={(crust) => put({ crust: crust || undefined })}
      />
      <ul>
        {depths.map(({ depth_m }, i) => (
          <li key={i} className="mt-1 flex items-end gap-2">
            <LengthBox
              label={t('Depth at spot {i}', { i: i + 1 })}
              scale="short"
              value={depth_m}
              limits={DEPTHS}
              onValue={(depth) =>
                putDepths(
                  depths.map((each, k) => (k === i ? { ...each, depth_m: mm(depth) } : each)),
                )
              }
            />
            <IconButton
              harm
              label={t('Delete the depth at spot {i}', { i: i + 1 })}
              onClick={() => putDepths(depths.filter((_, k) => k !== i))}
            >
              <Trash2 size={16} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
      <button
        type="button"
        disabled={depths.length >= MOST_SPOTS}
        onClick={() =>
          onChange((now) =>
            withDepth(now, today, freeSpot(now, depths.length), stands?.depth_m ?? USUAL_DEPTH),
          )
        }
        className="button my-2"
      >
        <Plus size={16} aria-hidden="true" className="mr-1" />{' '}
        {t('Add a spot with a depth of its own')}
      </button>
      {depths.length > 0 && (
        <p className="mb-2 text-sm text-ink-soft">
          {t(
            'Drag the spots on the plan. The depth under a ball is worked out from the spots around it.',
          )}
        </p>
      )}
      <TextInput
        label={t('What was seen')}
        maxLength={200}
        value={days.find(({ day }) => day === today)?.note ?? ''}
        onChange={({ target }) => put({ note: target.value })}
      />
      <ProbeForm onFirmness={(firmness) => put({ firmness })} />
      <ul className="mt-1 text-sm">
        {days.map((sand) => (
          <li key={sand.day} className="flex items-center gap-2">
            <span className="grow">
              {sayDay(sand.day)}: {sandDayWords(sand, units)}
            </span>
            <IconButton
              harm
              label={t('Delete the sand of {day}', { day: sayDay(sand.day) })}
              onClick={() =>
                onChange((now) => ({
                  ...now,
                  sand: now.sand.filter(({ day }) => day !== sand.day),
                }))
              }
            >
              <Trash2 size={16} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
