'use client';
import { wrongWords } from '@/core/tell/facts/faultWords';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { FaultyInput } from '@/core/contract/check/fault';
import type { NamedDrill } from '@/core/lesson/drills/drill';
import { readResultLine, type DrillResult } from '@/core/lesson/homework/result';
import { Alert } from '../kit/Alert';
import { FileButton } from '../kit/FileButton';
import { typedSince } from '../kit/takeSaved';

interface ResultLineProps {
  /** Drills that may be meant. */
  drills: readonly NamedDrill[];
  today: string;
  /** False when it was not saved: what was typed stays. */
  onResults: (results: Omit<DrillResult, 'id'>[]) => Promise<boolean>;
  onCsv: (text: string) => void;
}

/** A result in a line, for today, or many from a file. */
export function ResultLine({ drills, today, onResults, onCsv }: ResultLineProps) {
  const [line, setLine] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (): Promise<void> => {
    try {
      const said = readResultLine(line, drills);
      setFault(null);
      const isSaved = await onResults([{ ...said, day: today }]);
      if (isSaved) setLine((now) => typedSince(now, line));
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      setFault(wrongWords(error.faults));
    }
  };
  return (
    <form
      noValidate
      className="no-print mt-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        <input
          aria-label={t('Today’s result in a line')}
          placeholder={t('line 7/10 ! windy')}
          autoComplete="off"
          maxLength={200}
          value={line}
          onChange={({ target }) => setLine(target.value)}
          className="box min-w-40 grow"
        />
        <button type="submit" className="button">
          {t('Log for today')}
        </button>
        <FileButton accept=".csv,text/csv" onText={onCsv}>
          {t('Import CSV')}
        </FileButton>
      </div>
      {fault && <Alert>{t('The line {fault}.', { fault })}</Alert>}
    </form>
  );
}
