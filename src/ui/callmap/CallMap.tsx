'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useMemo, useRef, useState } from 'react';
import { leaderWords } from '@/core/tell/words/changeWords';
import { filledMap, firstLooks, openPlaces, restOf, type MapCell } from '@/core/search/map/callMap';
import { mapAxis } from '@/core/search/map/mapAxis';
import { FACTORS, type FactorName } from '@/core/search/changes/factors';
import { useTask } from '../engine/useTask';
import { AXIS_WORDS, axisValueWords } from './axes';
import { save, savePng, svgText } from '../kit/files';
import { mapCsv } from './mapCsv';
import { legendOf, type LegendEntry } from './legend';
import { MapDrawing } from './MapDrawing';
import { Overlay, type Closable } from '../kit/Overlay';
import { useUnits } from '../kit/units';

interface MapProps {
  situation: object;
  /** Where the reading stands in each factor, SI. */
  here: Record<FactorName, number>;
}

type CallMapProps = MapProps & Closable;

const COLUMNS = 40;
const ROWS = 25;
const DRAW_EVERY_MS = 600;
const NOTHING_YET: Filling = {
  rows: [],
  legend: [],
  looked: 0,
  wanted: 1,
  stage: 'rough pass',
};

/** The call over two factors, refined from coarse to fine, with progress and a way to stop. */
export function CallMap({ onClose, ...map }: CallMapProps) {
  return (
    <Overlay title={t('Call map')} shape="wide" onClose={onClose}>
      <MapBody {...map} />
    </Overlay>
  );
}

/** Places that are looked at together: few, so that all threads have work to the end. */
const AT_ONCE = 3;

/** What is looked at: places far apart, the borders between calls, and what is left, to leave nothing to be guessed. */
const STAGES = told({
  'rough pass': 'from coarse to fine',
  borders: 'refining the borders',
  rest: 'borders done; checking the cells in between',
} as const);
type Stage = keyof typeof STAGES;

/** The map as far as it is: all its cells, how many places were looked at, and how many are to be as far as is known. */
interface Filling {
  rows: readonly (readonly MapCell[])[];
  legend: readonly LegendEntry[];
  looked: number;
  wanted: number;
  stage: Stage;
}

/**
 * Looks at places far apart first, then along the borders between calls until every cell beside another call was looked at; then at
 * the rest.
 */
function useFilling(situation: object, factors: readonly [FactorName, FactorName]) {
  const [across, up] = factors;
  const xAxis = mapAxis(across, COLUMNS);
  const yAxis = mapAxis(up, ROWS);
  const task = useTask<Filling>(
    JSON.stringify([situation, across, up]),
    async ({ engine, signal, show }) => {
      const looks = Array.from({ length: ROWS }, () =>
        Array.from({ length: COLUMNS }, (): MapCell | undefined => undefined),
      );
      let looked = 0;
      let legend: readonly LegendEntry[] = [];
      let drawn = 0;
      let places = firstLooks(COLUMNS, ROWS);
      let stage: Stage = 'rough pass';
      for (;;) {
        const wanted = looked + places.length;
        const now = (): Filling => {
          const rows = filledMap(looks, xAxis, yAxis);
          legend = legendOf(rows.flat(), legend);
          return { rows, legend, looked, wanted, stage };
        };
        const looking = inGroups(places, AT_ONCE).map(async (group) => {
          const cells = await engine.run('mapLooks', [situation, xAxis, yAxis, group], { signal });
          cells.forEach((cell, k) => {
            const [j, i] = group[k]!;
            looks[j]![i] = cell;
          });
          looked += cells.length;
          // A thousand hatched cells take a while to draw: time that the threads would miss.
          if (performance.now() - drawn < DRAW_EVERY_MS) return;
          drawn = performance.now();
          show(now());
        });
        await Promise.all(looking);
        const done = now();
        places = openPlaces(done.rows);
        stage = places.length > 0 ? 'borders' : 'rest';
        if (stage === 'rest') places = restOf(done.rows);
        if (places.length === 0) return done;
        show(done);
      }
    },
  );
  return { ...task, ...(task.value ?? NOTHING_YET), xAxis, yAxis };
}

const inGroups = <T,>(all: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(all.length / size) }, (_, k) =>
    all.slice(k * size, (k + 1) * size),
  );

function MapBody({ situation, here }: MapProps) {
  const units = useUnits();
  const drawing = useRef<SVGSVGElement>(null);
  const [factors, setFactors] = useState<readonly [FactorName, FactorName]>(['distance', 'lip']);
  const [cell, setCell] = useState<MapCell | null>(null);
  const { rows, legend, looked, wanted, stage, status, failure, stop, xAxis, yAxis } = useFilling(
    situation,
    factors,
  );
  const cells = useMemo(() => rows.flat(), [rows]);
  const name = `call-map-${factors[0]}-${factors[1]}`;
  const empty = cells.length === 0;

  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <AxisChoice
          label={t('across')}
          value={factors[0]}
          other={factors[1]}
          onValue={(next) => setFactors([next, factors[1]])}
        />
        <AxisChoice
          label={t('up')}
          value={factors[1]}
          other={factors[0]}
          onValue={(next) => setFactors([factors[0], next])}
        />
        <div className="flex grow items-center gap-3">
          <progress
            value={looked}
            max={wanted}
            aria-label={t('Positions checked')}
            className="progress h-2 grow"
          />
          <span role="status" className="text-ink-soft">
            {status === 'running' &&
              t('{stage}, {looked} of {wanted} positions', {
                stage: STAGES[stage],
                looked,
                wanted,
              })}
            {status === 'done' && t('every position checked')}
            {status === 'stopped' && t('stopped after {looked} positions', { looked })}
            {failure?.message}
          </span>
          {status === 'running' && (
            <button type="button" className="button px-3" onClick={stop}>
              {t('Stop')}
            </button>
          )}
        </div>
      </div>
      <MapDrawing
        ref={drawing}
        rows={rows}
        xAxis={xAxis}
        yAxis={yAxis}
        legend={legend}
        here={{ x: here[factors[0]], y: here[factors[1]] }}
        onCell={setCell}
      />
      <p className="min-h-6">
        {cell &&
          `${axisValueWords(xAxis.factor, cell.x, units)}, ${axisValueWords(yAxis.factor, cell.y, units)}: ${cellWords(cell)}`}
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
        {legend.map(({ key, letter, words, fill }) => (
          <li key={key} className="flex items-center gap-2">
            <span
              className="grid size-6 place-items-center rounded-sm font-bold text-[#14302a]"
              style={{ background: fill }}
            >
              {letter}
            </span>
            {words}
          </li>
        ))}
        {cells.some(({ tied }) => tied) && (
          <li>{t('Striped where two clubs are equally good: the wider stripe is the call.')}</li>
        )}
        <li className="flex items-center gap-2">
          <span className="inline-block size-3.5 rounded-full border-2 border-[#14302a] bg-flag" />
          {t('this reading')}
        </li>
      </ul>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => save(`${name}.svg`, svgText(drawing.current!), 'image/svg+xml')}
        >
          {t('Save SVG')}
        </button>
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => void savePng(`${name}.png`, drawing.current!)}
        >
          {t('Save PNG')}
        </button>
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => save(`${name}.csv`, mapCsv(cells, xAxis, yAxis, units), 'text/csv')}
        >
          {t('Save CSV')}
        </button>
      </div>
    </>
  );
}

/** What is called in a cell, what is equally good, and whether the place itself was looked at. */
function cellWords({ best, tied, settled }: MapCell): string {
  const asGood = tied ? t('; the {club} is equally good', { club: tied.club }) : '';
  const taken = settled ? '' : ` ${t('(as at the nearest position checked)')}`;
  return `${leaderWords(best)}${asGood}${taken}`;
}

interface AxisChoiceProps {
  label: string;
  value: FactorName;
  other: FactorName;
  onValue: (value: FactorName) => void;
}

function AxisChoice({ label, value, other, onValue }: AxisChoiceProps) {
  return (
    <label className="flex items-center gap-2">
      {label}
      <select
        value={value}
        onChange={({ target }) => onValue(target.value as FactorName)}
        className="box"
      >
        {FACTORS.filter((name) => name !== other).map((name) => (
          <option key={name} value={name}>
            {AXIS_WORDS[name]}
          </option>
        ))}
      </select>
    </label>
  );
}
