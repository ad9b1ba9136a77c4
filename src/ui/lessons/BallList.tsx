'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { SIMULATED, type BallChange } from '@/core/lesson/balls/ball';
import { BallForm } from './BallForm';
import { seenWords } from '@/core/tell/lessons/seenWords';
import type { ShownBall } from './types';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface BallListProps {
  balls: readonly ShownBall[];
  /** Changes a ball; gives back what is wrong, or null. */
  onChange: (ball: ShownBall, change: BallChange) => Promise<string | null>;
}

/** Balls shown at first. */
const LATEST = 30;

/** The balls of a player at a station, latest first, to be edited, excluded or taken away. */
export function BallList({ balls, onChange }: BallListProps) {
  const units = useUnits();
  /** The ball that is edited, and its `touched` when it was opened. */
  const [open, setOpen] = useState<Pick<ShownBall, 'id' | 'touched'> | null>(null);
  const [all, setAll] = useState(false);
  const shown = all ? balls : balls.slice(-LATEST);
  if (balls.length === 0) return <p className="mt-4">{t('No balls logged here yet.')}</p>;
  return (
    <>
      <ol className="mt-4" reversed>
        {[...shown].reverse().map((ball, i) => (
          <li key={ball.id} className="border-b border-hairline py-1">
            <button
              type="button"
              aria-expanded={open?.id === ball.id}
              onClick={() => setOpen(open?.id === ball.id ? null : ball)}
              className={`min-h-11 w-full text-left ${ball.excluded ? 'text-ink-soft line-through' : ''}`}
            >
              {balls.length - i}. {seenWords(ball, units)}
              {ball.pending && ` ${t('· not saved yet')}`}
              {ball.source === 'tracker' && ` ${t('· tracker')}`}
              {ball.source === 'simulated' && ` ${t('· simulated')}`}
              {ball.excluded && ball.excluded !== SIMULATED && ` · ${ball.excluded}`}
            </button>
            {open?.id === ball.id && (
              <BallEdit
                ball={ball}
                onChange={async (change) => {
                  const fault = await onChange(
                    { ...ball, touched: open.touched ?? ball.touched },
                    change,
                  );
                  // Another ball may have been opened meanwhile. What another device made of this one has been told of: the next
                  // try is meant.
                  setOpen((now) => {
                    if (now?.id !== ball.id) return now;
                    return fault === null ? null : { id: ball.id };
                  });
                  return fault;
                }}
              />
            )}
          </li>
        ))}
      </ol>
      {shown.length < balls.length && (
        <button type="button" onClick={() => setAll(true)} className="min-h-11 underline">
          {t('Show all {balls} balls', { balls: balls.length })}
        </button>
      )}
    </>
  );
}

function BallEdit({
  ball,
  onChange,
}: {
  ball: ShownBall;
  onChange: (change: BallChange) => Promise<string | null>;
}) {
  const [reason, setReason] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const send = async (change: BallChange): Promise<void> => setFault(await onChange(change));
  return (
    <div className="space-y-2 pb-2 pl-4">
      <BallForm ball={ball} action={t('Save the change')} onBall={onChange} />
      <div className="flex flex-wrap gap-2">
        {ball.excluded ? (
          <button type="button" onClick={() => void send({ excluded: '' })} className="button px-3">
            {t('Include again')}
          </button>
        ) : (
          <>
            <input
              aria-label={t('Reason for excluding it')}
              value={reason}
              maxLength={200}
              placeholder={t('reason for excluding it')}
              onChange={(event) => setReason(event.target.value)}
              className="box min-w-0 grow px-3"
            />
            <button
              type="button"
              disabled={reason.trim() === ''}
              onClick={() => void send({ excluded: reason.trim() })}
              className="button px-3"
            >
              {t('Exclude')}
            </button>
          </>
        )}
        <button
          type="button"
          onClick={() => void send({ deleted: true })}
          className="button px-3 hover:text-harm"
        >
          {t('Delete')}
        </button>
      </div>
      {fault && <Alert className="text-sm">{fault}</Alert>}
    </div>
  );
}
