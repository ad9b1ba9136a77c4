'use client';

import { t } from '@/core/tell/language/t';
import { useQuery } from '@tanstack/react-query';
import { create } from 'qrcode';
import { useEffect, useMemo, useState } from 'react';
import { Alert } from '../kit/Alert';
import { Pick } from '../kit/fields';
import { Overlay, type Closable } from '../kit/Overlay';
import { ask, bodyOf } from '../server/client';

/** A word that brings a phone to the lesson, and the addresses of the server; none where it serves this machine alone. */
type Pairing = { addresses: [] } | { addresses: string[]; word: string; seconds: number };

interface ToTheBunkerProps extends Closable {
  lessonId: string;
}

/** Brings a phone to the lesson: a code to point its camera at, good for a few minutes and once. */
export function ToTheBunker({ lessonId, onClose }: ToTheBunkerProps) {
  const { data, error, refetch, isFetching, dataUpdatedAt } = useQuery({
    queryKey: ['pairing', lessonId],
    queryFn: () => bodyOf(ask<Pairing>(`/api/lessons/${lessonId}/pairing`, 'POST', {})),
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
  return (
    <Overlay title={t('Take it to the bunker')} shape="narrow" onClose={onClose}>
      {error && <Alert>{error.message}</Alert>}
      {!data && !error && <p role="status">{t('Making a code …')}</p>}
      {data &&
        ('word' in data ? (
          <Code
            key={data.word}
            pairing={data}
            madeAt={dataUpdatedAt}
            busy={isFetching}
            onNew={() => void refetch()}
          />
        ) : (
          <OnThisMachine />
        ))}
    </Overlay>
  );
}

/** What to do where no other device reaches the server. */
function OnThisMachine() {
  return (
    <div className="space-y-2 text-lg leading-relaxed">
      <p>{t('Phones cannot reach this server: it serves only this computer.')}</p>
      <ol className="list-decimal space-y-1 pl-6">
        <li>
          {t(
            'Under Players, Academy, choose “Coaches and sign-in” and add yourself as head coach.',
          )}
        </li>
        <li>
          {t('Stop the server, and start it with')} <code>MELLOW_HOST=0.0.0.0 npm start</code>.
        </li>
        <li>{t('Sign in, open this lesson again, and point the phone’s camera at the code.')}</li>
      </ol>
      <p className="text-base text-ink-soft">
        {t(
          'Do this only on a network you trust: without a proxy in front, nothing is encrypted on the way.',
        )}
      </p>
    </div>
  );
}

interface CodeProps {
  pairing: Extract<Pairing, { word: string }>;
  /** When it was made, ms. */
  madeAt: number;
  busy: boolean;
  onNew: () => void;
}

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

function Code({ pairing: { addresses, word, seconds }, madeAt, busy, onNew }: CodeProps) {
  const [address, setAddress] = useState(addresses[0]!);
  const left = useSecondsLeft(madeAt + seconds * 1000);
  const said = `${word.slice(0, 4)}-${word.slice(4)}`;
  const url = `${address}/pair/${said}`;
  return (
    <div className="space-y-3">
      {left > 0 ? (
        <>
          <p>{t('Point the phone’s camera at the code, or type the address on it.')}</p>
          <QrCode text={url} label={t('Code for {url}', { url })} />
          <p className="text-center font-heading text-2xl font-semibold tracking-wider">{said}</p>
          <p className="text-center break-all">{url}</p>
          <p role="timer" className="text-center text-ink-soft tabular-nums">
            {t('Good for {clock}, for one phone.', { clock: clock(left) })}
          </p>
        </>
      ) : (
        <p role="status">{t('This code has run out.')}</p>
      )}
      {addresses.length > 1 && (
        <Pick
          label={t('If the phone cannot find it, try another address of this computer')}
          value={address}
          onValue={setAddress}
          options={addresses.map((each) => [each, each] as const)}
        />
      )}
      <div className="flex justify-end">
        <button type="button" className="button" disabled={busy} onClick={onNew}>
          {left > 0 ? t('Another phone') : t('Make a new code')}
        </button>
      </div>
      <p className="text-sm text-ink-soft">
        {t(
          'The phone logs balls for this lesson only, for one day. It keeps logging while it cannot reach this computer. {startsWith}',
          {
            startsWith: address.startsWith('https:')
              ? t('The phone will ask once whether to trust this computer.')
              : t(
                  'Keep the page open there: without https (npm start -- --tls) a phone cannot load it again while this computer is out of reach.',
                ),
          },
        )}
      </p>
    </div>
  );
}

/** Whole seconds until a moment, ms. */
function useSecondsLeft(until: number): number {
  const [left, setLeft] = useState(() => secondsTo(until));
  useEffect(() => {
    const timer = setInterval(() => setLeft(secondsTo(until)), 500);
    return () => clearInterval(timer);
  }, [until]);
  return left;
}

const secondsTo = (until: number): number => Math.max(0, Math.ceil((until - Date.now()) / 1000));

/** Light round the code, in its modules: readers need it. */
const QUIET = 4;

/** A QR code, black on white in every theme. */
function QrCode({ text, label }: { text: string; label: string }) {
  const { size, path } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark: string[] = [];
    for (let y = 0; y < modules.size; y++) {
      for (let x = 0; x < modules.size; x++) {
        if (modules.get(y, x)) dark.push(`M${x + QUIET} ${y + QUIET}h1v1h-1z`);
      }
    }
    return { size: modules.size + 2 * QUIET, path: dark.join('') };
  }, [text]);
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
      className="mx-auto block w-full max-w-72"
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
