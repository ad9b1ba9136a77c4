'use client';

import { useState } from 'react';
import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { Sideways } from '../../kit/Sideways';
import type { CallEntry, CallSheet } from '@/core/tell/sheet/callSheet';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { toMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';
import { KIND_WORDS } from '@/core/tell/words/kinds';
import { ruledOutBySchool } from '@/core/tell/why/ruledOut';
import { techniqueName } from '@/core/tell/words/techniques';
import { Pick } from '../../kit/fields';
import { Overlay, type Closable } from '../../kit/Overlay';
import { useUnits } from '../../kit/units';

interface SchoolsTableProps extends Closable {
  /** With all of its calls; undefined while they are worked out. */
  sheet: CallSheet | undefined;
  /** Why they cannot be. */
  failure?: string | null;
}

const strokesOf = ({ odds }: CallEntry): number => odds.expected_strokes;

/** More strokes than any call costs: what is not played at the flag stands below what is. */
const AWAY = 100;

interface SchoolRow {
  school: string;
  /** True of one that the player would have to learn first. */
  learnable: boolean;
  best: CallEntry | null;
  /** Why it cannot do it, when it cannot. */
  reasons: string[];
}

/** Any club: each technique with the one that suits it best. */
const ANY = '';

/**
 * The cheapest call of each school, with any club or with one, cheapest first; other ways out after those at the flag, then what
 * has no call.
 */
function rowsOf(sheet: CallSheet, club: string): SchoolRow[] {
  const asked = (each: { club: string }): boolean => club === ANY || each.club === club;
  const learnt = sheet.worth_learning.map(({ entry }) => entry);
  const rows = new Map<string, SchoolRow>();
  const rowOf = (school: string): SchoolRow => {
    const learnable = learnt.some((each) => each.school === school);
    const row = rows.get(school) ?? { school, learnable, best: null, reasons: [] };
    rows.set(school, row);
    return row;
  };
  for (const call of [...sheet.calls, ...learnt].filter(asked)) {
    const row = rowOf(call.school);
    if (!row.best || strokesOf(call) < strokesOf(row.best)) row.best = call;
  }
  const ruledOut = sheet.ruled_out.filter((each) => asked(each) || each.club === 'any');
  for (const { school, reasons } of ruledOutBySchool(ruledOut)) {
    const row = rowOf(school);
    if (!row.best) row.reasons.push(...reasons);
  }
  const rank = ({ best }: SchoolRow): number =>
    best ? strokesOf(best) + (atFlag(best) ? 0 : AWAY) : Infinity;
  return [...rows.values()].sort((a, b) => rank(a) - rank(b));
}

const percent = (share: number): string => String(Math.round(share * 100));

/** The same ball through every school: the best call of each, or crossed out with its reason. */
export function SchoolsTable({ sheet, failure = null, onClose }: SchoolsTableProps) {
  const [club, setClub] = useState(ANY);
  const clubs = [...new Set(sheet?.calls.filter(atFlag).map((call) => call.club))];
  return (
    <Overlay title={t('Compare techniques for this shot')} shape="wide" onClose={onClose}>
      <div className="mb-3 max-w-xs">
        <Pick
          label={t('With')}
          value={club}
          onValue={setClub}
          options={[
            [ANY, t('the best club for each')],
            ...clubs.map((each) => [each, each] as const),
          ]}
        />
      </div>
      {/* A table that may be wider than a phone: it scrolls by itself, by keyboard too. */}
      <Sideways label={t('Techniques')}>
        <table className="w-full min-w-[44rem] border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-hairline align-bottom">
              {[t('technique'), t('club'), t('face'), t('entry point'), t('swing')].map((name) => (
                <th key={name} scope="col" className="py-1 pr-3 font-semibold">
                  {name}
                </th>
              ))}
              {[t('out, %'), t('green, %'), t('thin, %'), t('worst 10%'), t('strokes')].map(
                (name) => (
                  <th key={name} scope="col" className="py-1 pl-3 text-right font-semibold">
                    {name}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {(sheet ? rowsOf(sheet, club) : []).map((row) =>
              row.best ? (
                <SchoolCells key={row.school} row={row} call={row.best} />
              ) : (
                <tr key={row.school} className="border-b border-hairline align-top">
                  <th scope="row" className="py-1.5 pr-3 font-normal">
                    <s>{techniqueName(row.school)}</s>
                  </th>
                  <td colSpan={9} className="py-1.5 text-ink-soft">
                    {row.reasons[0]}
                    {row.reasons.length > 1 &&
                      ` ${t('(and {reasons} more clubs)', { reasons: row.reasons.length - 1 })}`}
                  </td>
                </tr>
              ),
            )}
          </tbody>
        </table>
      </Sideways>
      {!sheet && (
        <p role="status" className="py-4">
          {failure ?? t('Working out the calls …')}
        </p>
      )}
      <p className="mt-3 max-w-[80ch]">
        {t(
          'Best first, by expected strokes, each technique as well as it can be played here. The first call may be another one: it is the plain way to play it unless something else saves more than a hair. Differences under 0.02 strokes are too small to matter.',
        )}
      </p>
    </Overlay>
  );
}

/** How far behind the ball the sand is entered; ball first is said so. */
function markWords(call: CallEntry, units: UnitSystem): string {
  if (call.entry_in <= 0) return t('ball first');
  const metric = toMetres(call.entry_in, 'in');
  return units === 'metres'
    ? t('{metric}\u00a0cm', { metric: (metric * 100).toFixed(1) })
    : t('{entryIn}\u00a0in', { entryIn: call.entry_in.toFixed(1) });
}

interface SchoolCellsProps {
  row: SchoolRow;
  call: CallEntry;
}

function SchoolCells({ row, call }: SchoolCellsProps) {
  const units = useUnits();
  const { odds } = call;
  const struck = call.kind !== 'relief';
  return (
    <tr className="border-b border-hairline align-top">
      <th scope="row" className="py-1.5 pr-3 font-normal">
        {techniqueName(row.school)}
        <span className="block text-sm text-ink-soft">
          {KIND_WORDS[call.kind]}
          {row.learnable && ` (${t('to be learned first')})`}
        </span>
      </th>
      <td className="py-1.5 pr-3 font-semibold">{struck ? call.club : '–'}</td>
      <td className="py-1.5 pr-3">
        {struck ? (call.face_deg === 0 ? t('square') : call.face_clock) : '–'}
      </td>
      <td className="py-1.5 pr-3">{struck ? markWords(call, units) : '–'}</td>
      <td className="py-1.5 pr-3">{struck ? call.swing_clock : '–'}</td>
      <td className="py-1.5 pl-3 text-right">{percent(odds.out)}</td>
      <td className="py-1.5 pl-3 text-right">{percent(odds.green)}</td>
      <td className="py-1.5 pl-3 text-right">{percent(odds.thin)}</td>
      <td className="py-1.5 pl-3 text-right">{written(odds.worst_tenth.toFixed(1))}</td>
      <td className="py-1.5 pl-3 text-right font-semibold">
        {written(odds.expected_strokes.toFixed(1))}
      </td>
    </tr>
  );
}
