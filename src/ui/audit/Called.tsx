'use client';

import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { Usage } from '@/core/search/audit/usage';
import type { AuditWorker, MixChoice } from '@/workers/audit.worker';
import { useWorker } from '../frame/useWorker';
import { AUDIT_FAILURE, startAudit } from './startAudit';

/** How often each club is called over a mix of shots, filling up as it is worked out. */
export function Called({ situation, choice }: { situation: object; choice: MixChoice }) {
  const [failed, setFailed] = useState(false);
  const worker = useWorker<AuditWorker>(startAudit, () => setFailed(true));
  const [state, setState] = useState<{ usage: Usage[]; done: number; total: number } | null>(null);
  const question = JSON.stringify([situation, choice]);
  useEffect(() => {
    let stale = false;
    const thread = worker;
    const [asked, over] = JSON.parse(question) as [object, MixChoice];
    const seen = proxy((usage: Usage[], done: number, total: number) => {
      if (!stale) setState({ usage, done, total });
    });
    const timer = setTimeout(() => {
      thread.current?.usage(asked, over, seen).catch(() => !stale && setFailed(true));
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
      void thread.current?.stop();
    };
  }, [question, worker]);
  return (
    <section aria-labelledby="called">
      <h3 id="called" className="text-lg">
        Called how often
      </h3>
      {failed && (
        <p role="alert" className="font-semibold text-harm">
          {AUDIT_FAILURE}
        </p>
      )}
      {!failed && state && state.done < state.total && (
        <progress
          aria-label="Shots looked at"
          value={state.done}
          max={state.total}
          className="w-full accent-(--call-1)"
        />
      )}
      <dl>
        {(state?.usage ?? []).map(({ club, share }) => (
          <div key={club} className="grid grid-cols-[4rem_1fr_3rem] items-center gap-3 py-0.5">
            <dt className="font-semibold">{club}</dt>
            <dd aria-hidden="true" className="h-2 rounded bg-hairline">
              <span
                className="block h-full rounded bg-(--call-1)"
                style={{ width: `${share * 100}%` }}
              />
            </dd>
            <dd className="text-right">{Math.round(share * 100)} %</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
