'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { CallEntry } from '@/core/contract/callSheet';
import type { CallsWorker, Simulated } from '@/workers/calls.worker';
import { Overlay, type OverlayState } from '../frame/Overlay';
import { NumberPanel } from '../reading/NumberPanel';

interface ByHandProps extends OverlayState {
  situation: object;
  call: CallEntry | undefined;
}

/** The set-up of a call as `simulate` takes it. */
interface HandSetup {
  school: string;
  club: string;
  face_deg: number;
  ball_position: number;
  stance_width: number;
  handle_lower_deg: number;
  shaft_lean_deg: number;
  weight_lead: number;
  entry_in: number;
  swing_fraction: number;
}

/** What may be changed by hand: name, unit, range and step. */
const KNOBS: readonly (readonly [
  key: Exclude<keyof HandSetup, 'school' | 'club'>,
  label: string,
  unit: string,
  from: number,
  to: number,
  step: number,
])[] = [
  ['face_deg', 'Face, open', '°', -45, 45, 1],
  ['entry_in', 'Mark behind the ball', 'in', -0.5, 4, 0.1],
  ['swing_fraction', 'Swing, share of full', '', 0.2, 1, 0.01],
  ['ball_position', 'Ball, 0 trail to 100 lead heel', '', 10, 100, 1],
  ['handle_lower_deg', 'Handle lower', '°', -8, 12, 1],
  ['shaft_lean_deg', 'Shaft leaning to the flag', '°', -8, 12, 1],
  ['weight_lead', 'Weight on the lead foot', '', 0.3, 0.85, 0.01],
];

const setupOfCall = (call: CallEntry): HandSetup => ({
  school: call.school,
  club: call.club,
  face_deg: call.face_deg,
  ball_position: call.ball_position,
  stance_width: call.stance_width,
  handle_lower_deg: call.handle_lower_deg,
  shaft_lean_deg: call.shaft_lean_deg,
  weight_lead: call.weight_lead,
  entry_in: call.entry_in,
  swing_fraction: call.swing_fraction,
});

/** The best call with its set-up changed by hand, simulated at once beside the original. */
export function ByHand({ situation, call, open, onOpenChange }: ByHandProps) {
  const able = call !== undefined && call.kind !== 'relief' && call.kind !== 'out-sideways';
  return (
    <Overlay
      title={able ? `The ${call.club} by hand` : 'By hand'}
      shape="wide"
      open={open}
      onOpenChange={onOpenChange}
    >
      {able ? (
        <HandBody key={`${call.club}/${call.school}`} situation={situation} call={call} />
      ) : (
        <p>There is no set-up at the flag to change here.</p>
      )}
    </Overlay>
  );
}

/** Simulates set-ups in a worker; the latest one counts. */
function useSimulation(situation: object, setup: HandSetup): Simulated | null {
  const worker = useRef<Remote<CallsWorker> | null>(null);
  const [simulated, setSimulated] = useState<Simulated | null>(null);
  const question = JSON.stringify({ ...situation, setup });
  useEffect(() => {
    const thread = new Worker(new URL('../../workers/calls.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.current = wrap<CallsWorker>(thread);
    return () => thread.terminate();
  }, []);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(() => {
      worker.current
        ?.simulate(JSON.parse(question))
        .then((answered) => !stale && setSimulated(answered))
        .catch(() => !stale && setSimulated(null));
    }, 40);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question]);
  return simulated;
}

const percent = (share: number): string => `${Math.round(share * 100)}`;

function HandBody({ situation, call }: { situation: object; call: CallEntry }) {
  const [setup, setSetup] = useState(() => setupOfCall(call));
  const simulated = useSimulation(situation, setup);
  const faults = simulated && 'faults' in simulated ? simulated.faults : [];
  const hand = simulated && 'simulation' in simulated ? simulated.simulation : null;
  const rows: readonly (readonly [string, string, string])[] = [
    ['carry, yd', call.predicted.carry_yd.toFixed(1), hand?.predicted.carry_yd.toFixed(1) ?? '…'],
    ['run, yd', call.predicted.run_yd.toFixed(1), hand?.predicted.run_yd.toFixed(1) ?? '…'],
    [
      'launch, °',
      call.predicted.launch_deg.toFixed(0),
      hand?.predicted.launch_deg.toFixed(0) ?? '…',
    ],
    ['height, ft', call.predicted.apex_ft.toFixed(1), hand?.predicted.apex_ft.toFixed(1) ?? '…'],
    ['spin, rpm', String(call.predicted.spin_rpm), String(hand?.predicted.spin_rpm ?? '…')],
    [
      'bounce at work, °',
      call.predicted.bounce_effective_deg.toFixed(0),
      hand?.predicted.bounce_effective_deg.toFixed(0) ?? '…',
    ],
    ['out, in 100', percent(call.odds.out), hand ? percent(hand.odds.out) : '…'],
    ['on the green', percent(call.odds.green), hand ? percent(hand.odds.green) : '…'],
    ['thin', percent(call.odds.thin), hand ? percent(hand.odds.thin) : '…'],
    ['worst tenth', call.odds.worst_tenth.toFixed(2), hand?.odds.worst_tenth.toFixed(2) ?? '…'],
    [
      'strokes to hole out',
      call.odds.expected_strokes.toFixed(2),
      hand?.odds.expected_strokes.toFixed(2) ?? '…',
    ],
  ];

  return (
    <div className="grid grid-cols-2 gap-8 max-md:grid-cols-1">
      <div>
        {KNOBS.map(([key, label, unit, from, to, step]) => (
          <NumberPanel
            key={key}
            label={label}
            unit={unit}
            value={setup[key]}
            from={from}
            to={to}
            step={step}
            onValue={(value) => {
              if (value < from || value > to) return `${label} goes from ${from} to ${to}.`;
              setSetup((now) => ({ ...now, [key]: value }));
              return null;
            }}
          />
        ))}
      </div>
      <div>
        <table className="w-full border-collapse text-lg">
          <thead>
            <tr className="border-b-2 border-hairline">
              <td />
              <th scope="col" className="py-1 text-right font-semibold">
                as called
              </th>
              <th scope="col" className="py-1 text-right font-semibold">
                by hand
              </th>
            </tr>
          </thead>
          <tbody aria-live="polite">
            {rows.map(([name, before, after]) => (
              <tr key={name} className="border-b border-hairline">
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                <td className="py-1 text-right">{before}</td>
                <td className={`py-1 text-right ${before === after ? '' : 'font-semibold'}`}>
                  {after}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p role="alert" className="mt-2 min-h-6 font-semibold text-harm">
          {faults.map(({ path, message }) => `${path} ${message}`).join('; ')}
        </p>
        <button
          type="button"
          onClick={() => setSetup(setupOfCall(call))}
          className="h-11 rounded border-2 border-hairline px-4"
        >
          Back to the call
        </button>
      </div>
    </div>
  );
}
