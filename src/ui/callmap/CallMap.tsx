'use client';

import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { leaderWords } from '@/core/tell/words/changeWords';
import type { MapCell } from '@/core/search/map/callMap';
import { FACTORS, type FactorName } from '@/core/search/changes/factors';
import type { UnitSystem } from '@/core/ground/units/system';
import { useScanWorker } from '../desk/workers';
import { AXIS_WORDS, axisValueWords, mapAxis } from './axes';
import { save, savePng, svgText } from '../frame/files';
import { mapCsv } from './mapCsv';
import { legendOf } from './legend';
import { MapDrawing } from './MapDrawing';
import { Overlay, type OverlayState } from '../frame/Overlay';

interface MapProps {
  situation: object;
  units: UnitSystem;
  /** Where the reading stands in each factor, SI. */
  here: Record<FactorName, number>;
}

type CallMapProps = MapProps & OverlayState;

const COLUMNS = 40;
const ROWS = 25;
const BUTTON = 'h-11 rounded border-2 border-hairline px-3 disabled:opacity-50';

/** The best call over two factors, filled row by row by a worker, with progress and a way to stop. */
export function CallMap({ open, onOpenChange, ...map }: CallMapProps) {
  return (
    <Overlay title="Call map" shape="wide" open={open} onOpenChange={onOpenChange}>
      <MapBody {...map} />
    </Overlay>
  );
}

type Filling = 'filling' | 'stopped' | 'done' | 'failed';

/** Rows of the map as the worker fills them, and how far it is. */
function useFilling(situation: object, factors: readonly [FactorName, FactorName]) {
  const [rows, setRows] = useState<MapCell[][]>([]);
  const [state, setState] = useState<Filling>('filling');
  const worker = useScanWorker(() => setState('failed'));
  const xAxis = useMemo(() => mapAxis(factors[0], COLUMNS), [factors]);
  const yAxis = useMemo(() => mapAxis(factors[1], ROWS), [factors]);
  const question = JSON.stringify(situation);

  useEffect(() => {
    let stale = false;
    const filled = proxy((row: MapCell[]) => {
      if (!stale) setRows((now) => [...now, row]);
    });
    const thread = worker;
    // The worker is made by an effect of the same component, so it is there by the next tick.
    const timer = setTimeout(() => {
      setRows([]);
      setState('filling');
      thread.current
        ?.map(JSON.parse(question), xAxis, yAxis, filled)
        .then((ended) => !stale && setState(ended ? 'done' : 'stopped'))
        .catch(() => !stale && setState('failed'));
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
      void thread.current?.stop();
    };
  }, [question, xAxis, yAxis, worker]);

  const stop = (): void => {
    void worker.current?.stop();
    setState('stopped');
  };
  return { rows, state, stop, xAxis, yAxis };
}

function MapBody({ situation, units, here }: MapProps) {
  const drawing = useRef<SVGSVGElement>(null);
  const [factors, setFactors] = useState<readonly [FactorName, FactorName]>(['distance', 'lip']);
  const [cell, setCell] = useState<MapCell | null>(null);
  const { rows, state, stop, xAxis, yAxis } = useFilling(situation, factors);
  const legend = useMemo(() => legendOf(rows.flat()), [rows]);
  const name = `call-map-${factors[0]}-${factors[1]}`;
  const empty = rows.length === 0;

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
            value={rows.length}
            max={ROWS}
            aria-label="Rows filled"
            className="h-2 grow accent-(--call-1)"
          />
          {state === 'filling' ? (
            <button type="button" className={BUTTON} onClick={stop}>
              Stop
            </button>
          ) : (
            <span role="status" className="text-ink-soft">
              {state === 'done' && 'filled'}
              {state === 'stopped' && `stopped after ${rows.length} of ${ROWS} rows`}
              {state === 'failed' && 'could not be filled'}
            </span>
          )}
        </div>
      </div>
      <MapDrawing
        ref={drawing}
        rows={rows}
        xAxis={xAxis}
        yAxis={yAxis}
        legend={legend}
        units={units}
        here={{ x: here[factors[0]], y: here[factors[1]] }}
        onCell={setCell}
      />
      <p className="min-h-6">
        {cell &&
          `${axisValueWords(xAxis.factor, cell.x, units)}, ${axisValueWords(yAxis.factor, cell.y, units)}: ${leaderWords(cell.best)}${cell.margin > 0 ? `, by ${cell.margin.toFixed(2)} strokes` : ''}`}
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
          className={BUTTON}
          disabled={empty}
          onClick={() => save(`${name}.svg`, svgText(drawing.current!), 'image/svg+xml')}
        >
          Save SVG
        </button>
        <button
          type="button"
          className={BUTTON}
          disabled={empty}
          onClick={() => void savePng(`${name}.png`, drawing.current!)}
        >
          Save PNG
        </button>
        <button
          type="button"
          className={BUTTON}
          disabled={empty}
          onClick={() => save(`${name}.csv`, mapCsv(rows, xAxis, yAxis, units), 'text/csv')}
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
        className="h-11 rounded border-2 border-hairline bg-paper px-2"
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
