'use client';

import { useMemo, useRef, useState } from 'react';
import { leaderWords } from '@/core/tell/words/changeWords';
import { doubtfulCells, type MapCell } from '@/core/search/map/callMap';
import { FACTORS, type FactorName } from '@/core/search/changes/factors';
import { useTask } from '../engine/useTask';
import { AXIS_WORDS, axisValueWords, mapAxis } from './axes';
import { save, savePng, svgText } from '../kit/files';
import { mapCsv } from './mapCsv';
import { legendOf } from './legend';
import { MapDrawing } from './MapDrawing';
import { Overlay, type OverlayState } from '../kit/Overlay';
import { useUnits } from '../kit/units';

interface MapProps {
  situation: object;
  /** Where the reading stands in each factor, SI. */
  here: Record<FactorName, number>;
}

/** Cells of a row; null while it is not filled. */
type Row = readonly MapCell[] | null;

type CallMapProps = MapProps & OverlayState;

const COLUMNS = 40;
const ROWS = 25;
const DRAW_EVERY_MS = 600;
const NOTHING_YET: Filling = { rows: [], settled: 0, doubtful: 0 };
/** The best call over two factors, filled row by row, with progress and a way to stop. */
export function CallMap({ open, onOpenChange, ...map }: CallMapProps) {
  return (
    <Overlay title="Call map" shape="wide" open={open} onOpenChange={onOpenChange}>
      <MapBody {...map} />
    </Overlay>
  );
}

/** Cells that are settled together: few, so that both threads have work to the end. */
const AT_ONCE = 6;

/** The map as far as it is: rows from below, and how many of the doubtful cells the full search has settled. */
interface Filling {
  rows: readonly Row[];
  settled: number;
  doubtful: number;
}

/**
 * Fills the map row by row at a glance, side by side; then settles by the full search the cells that a glance may be wrong about,
 * so that the map says what the desk says.
 */
function useFilling(situation: object, factors: readonly [FactorName, FactorName]) {
  const [across, up] = factors;
  const xAxis = mapAxis(across, COLUMNS);
  const yAxis = mapAxis(up, ROWS);
  const task = useTask<Filling>(
    JSON.stringify([situation, across, up]),
    async ({ engine, signal, show }) => {
      const rows: Row[] = Array.from({ length: ROWS }, () => null);
      let drawn = 0;
      const filling = rows.map(async (_, j) => {
        rows[j] = await engine.run('mapRow', [situation, xAxis, yAxis, j], { signal });
        // A thousand hatched cells take a while to draw: time that the threads would miss.
        if (performance.now() - drawn < DRAW_EVERY_MS) return;
        drawn = performance.now();
        show({ rows: [...rows], settled: 0, doubtful: 0 });
      });
      await Promise.all(filling);
      const full = rows.map((row) => [...row!]);
      const places = doubtfulCells(full);
      let settled = 0;
      const now = (): Filling => ({
        rows: full.map((row) => [...row]),
        settled,
        doubtful: places.length,
      });
      show(now());
      const groups = Array.from({ length: Math.ceil(places.length / AT_ONCE) }, (_, k) =>
        places.slice(k * AT_ONCE, (k + 1) * AT_ONCE),
      );
      const settling = groups.map(async (group) => {
        const cells = await engine.run('mapSettled', [situation, xAxis, yAxis, group], { signal });
        cells.forEach((cell, k) => {
          const [j, i] = group[k]!;
          full[j]![i] = cell;
        });
        settled += cells.length;
        if (performance.now() - drawn < DRAW_EVERY_MS) return;
        drawn = performance.now();
        show(now());
      });
      await Promise.all(settling);
      return now();
    },
  );
  return { ...task, ...(task.value ?? NOTHING_YET), xAxis, yAxis };
}

function MapBody({ situation, here }: MapProps) {
  const units = useUnits();
  const drawing = useRef<SVGSVGElement>(null);
  const [factors, setFactors] = useState<readonly [FactorName, FactorName]>(['distance', 'lip']);
  const [cell, setCell] = useState<MapCell | null>(null);
  const { rows, settled, doubtful, status, failure, stop, xAxis, yAxis } = useFilling(
    situation,
    factors,
  );
  const cells = useMemo(() => rows.flatMap((row) => row ?? []), [rows]);
  const legend = useMemo(() => legendOf(cells), [cells]);
  const filled = rows.filter((row) => row !== null).length;
  const name = `call-map-${factors[0]}-${factors[1]}`;
  const empty = filled === 0;

  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <AxisChoice
          label="across"
          value={factors[0]}
          other={factors[1]}
          onValue={(next) => setFactors([next, factors[1]])}
        />
        <AxisChoice
          label="up"
          value={factors[1]}
          other={factors[0]}
          onValue={(next) => setFactors([factors[0], next])}
        />
        <div className="flex grow items-center gap-3">
          <progress
            value={filled < ROWS ? filled : settled}
            max={filled < ROWS ? ROWS : Math.max(1, doubtful)}
            aria-label={filled < ROWS ? 'Rows filled' : 'Close cells settled'}
            className="progress h-2 grow"
          />
          <span role="status" className="text-ink-soft">
            {status === 'running' &&
              filled === ROWS &&
              `filled at a glance; settling the close cells, ${settled} of ${doubtful}`}
            {status === 'done' && 'filled and settled'}
            {status === 'stopped' &&
              (filled < ROWS
                ? `stopped after ${filled} of ${ROWS} rows`
                : `stopped with ${settled} of ${doubtful} close cells settled`)}
            {failure?.message}
          </span>
          {status === 'running' && (
            <button type="button" className="button px-3" onClick={stop}>
              Stop
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
          `${axisValueWords(xAxis.factor, cell.x, units)}, ${axisValueWords(yAxis.factor, cell.y, units)}: ${leaderWords(cell.best)}${cell.margin > 0 ? `, by ${cell.margin.toFixed(2)} strokes` : ''}${cell.settled ? '' : ', at a glance'}`}
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
        <li className="flex items-center gap-2">
          <span className="inline-block size-3.5 rounded-full border-2 border-[#14302a] bg-flag" />
          this reading
        </li>
      </ul>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => save(`${name}.svg`, svgText(drawing.current!), 'image/svg+xml')}
        >
          Save SVG
        </button>
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => void savePng(`${name}.png`, drawing.current!)}
        >
          Save PNG
        </button>
        <button
          type="button"
          className="button px-3"
          disabled={empty}
          onClick={() => save(`${name}.csv`, mapCsv(cells, xAxis, yAxis, units), 'text/csv')}
        >
          Save CSV
        </button>
      </div>
    </>
  );
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
