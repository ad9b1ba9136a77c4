import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { callName } from './callLines';

interface CallChoiceProps {
  label: string;
  calls: readonly CallEntry[];
  value: number;
  onValue: (index: number) => void;
}

/** Chooses one of the calls of a sheet. */
export function CallChoice({ label, calls, value, onValue }: CallChoiceProps) {
  return (
    <label className="flex min-w-0 flex-col font-semibold">
      <span className="text-sm">{label}</span>
      <select
        value={value}
        onChange={(event) => onValue(Number(event.target.value))}
        className="box min-w-0 font-normal"
      >
        {calls.map((call, i) => (
          <option key={i} value={i}>
            {callName(call)}
          </option>
        ))}
      </select>
    </label>
  );
}
