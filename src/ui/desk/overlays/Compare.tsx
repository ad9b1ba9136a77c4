'use client';

import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { Fragment, useState } from 'react';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { TIE_STROKES } from '@/core/search/candidates/rank';
import { Overlay, type Closable } from '../../kit/Overlay';
import { CallChoice } from '../../call/CallChoice';
import {
  ballLines,
  difference,
  oddsLines,
  said,
  setupLines,
  type CallLine,
} from '../../call/callLines';
import { techniqueName } from '@/core/tell/words/techniques';
import { useUnits } from '../../kit/units';

interface CompareProps extends Closable {
  calls: readonly CallEntry[];
}

/** Two calls of the sheet: what they cost, what differs, and shortly what does not. */
export function Compare({ calls, onClose }: CompareProps) {
  const struck = calls.filter(({ kind }) => kind !== 'relief');
  return (
    <Overlay title={t('Compare two shots')} shape="wide" onClose={onClose}>
      {struck.length < 2 ? (
        <p>{t('There is only one call here, so there is nothing to compare it with.')}</p>
      ) : (
        <CompareBody calls={struck} />
      )}
    </Overlay>
  );
}

/** What the two cost, and whether that can be told apart. */
function verdict(first: CallEntry, second: CallEntry): string {
  const by = second.odds.expected_strokes - first.odds.expected_strokes;
  const much = written(Math.abs(by).toFixed(2));
  if (Math.abs(by) <= TIE_STROKES) {
    return t('Too close to call: {much} strokes apart. Choose the one the player trusts.', {
      much,
    });
  }
  const [better, worse] = by > 0 ? [first, second] : [second, first];
  return t('The {club} ({technique}) saves {much} strokes on the {club2} ({technique2}).', {
    club: better.club,
    technique: techniqueName(better.school),
    much,
    club2: worse.club,
    technique2: techniqueName(worse.school),
  });
}

function CompareBody({ calls }: Pick<CompareProps, 'calls'>) {
  const units = useUnits();
  const [chosen, setChosen] = useState<readonly [number, number]>([0, 1]);
  const first = calls[Math.min(chosen[0], calls.length - 1)]!;
  const second = calls[Math.min(chosen[1], calls.length - 1)]!;
  const all = [
    { name: t('Set-up and swing'), lines: setupLines(units) },
    { name: t('The shot as planned'), lines: ballLines(units) as CallLine<CallEntry>[] },
    { name: t('Odds'), lines: oddsLines(units) as CallLine<CallEntry>[] },
  ];
  const differs = (line: CallLine<CallEntry>): boolean => difference(line, first, second) !== '';
  const groups = all
    .map(({ name, lines }) => ({ name, lines: lines.filter(differs) }))
    .filter(({ lines }) => lines.length > 0);
  const same = all.flatMap(({ lines }) => lines).filter((line) => !differs(line));
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <CallChoice
          label={t('This call')}
          calls={calls}
          value={calls.indexOf(first)}
          onValue={(i) => setChosen([i, chosen[1]])}
        />
        <CallChoice
          label={t('against this one')}
          calls={calls}
          value={calls.indexOf(second)}
          onValue={(i) => setChosen([chosen[0], i])}
        />
      </div>
      <p role="status" className="my-3 border-l-4 border-flag pl-3">
        {verdict(first, second)}
      </p>
      <table className="w-full border-collapse">
        <thead className="sticky top-0 bg-paper">
          <tr className="border-b-2 border-hairline text-right">
            <td />
            <th scope="col" className="w-[22%] py-1 font-semibold text-call-1">
              {first.club}
            </th>
            <th scope="col" className="w-[22%] py-1 font-semibold text-call-2">
              {second.club}
            </th>
            <th scope="col" className="w-[16%] py-1 font-normal">
              {t('difference')}
            </th>
          </tr>
        </thead>
        <tbody>
          {groups.map(({ name, lines }) => (
            <Fragment key={name}>
              <tr>
                <th scope="colgroup" colSpan={4} className="pt-3 text-left font-heading">
                  {name}
                </th>
              </tr>
              {lines.map((line) => (
                <tr key={line.name} className="border-b border-hairline text-right">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {line.name}
                  </th>
                  <td>{said(line, first)}</td>
                  <td>{said(line, second)}</td>
                  <td className="font-semibold">{difference(line, first, second)}</td>
                </tr>
              ))}
            </Fragment>
          ))}
        </tbody>
      </table>
      {same.length > 0 && (
        <p className="mt-3 text-sm text-ink-soft">
          {t('The same for both: {list}.', {
            list: same.map((line) => `${line.name} ${said(line, first)}`).join('; '),
          })}
        </p>
      )}
      <div className="mt-4 grid grid-cols-2 gap-6 leading-relaxed max-sm:grid-cols-1">
        <p>{first.say}</p>
        <p>{second.say}</p>
      </div>
    </>
  );
}
