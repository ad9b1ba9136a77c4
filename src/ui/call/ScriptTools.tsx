'use client';

import { t } from '@/core/tell/language/t';
import { Copy, Square, Volume2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { useAwake } from '../kit/useAwake';

const BUTTON = 'button-quiet gap-1.5 px-2';

/** Whether this browser can read aloud; not known on the server. */
const useCanSpeak = (): boolean => useAwake() && 'speechSynthesis' in window;

/** Copies the script, or has the browser read it aloud. */
export function ScriptTools({ text }: { text: string }) {
  const canSpeak = useCanSpeak();
  const [speaking, setSpeaking] = useState(false);
  useEffect(
    () => () => {
      try {
        window.speechSynthesis?.cancel();
      } catch {
        // It says nothing, then.
      }
    },
    [text],
  );

  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(text);
      toast.success(t('Script copied.'));
    } catch {
      toast.error(t('This browser did not allow copying. Select the script and copy it.'));
    }
  };

  const cannot = (): void => {
    setSpeaking(false);
    toast.error(t('This browser cannot read aloud.'));
  };

  const speak = (): void => {
    try {
      read();
    } catch {
      cannot();
    }
  };

  const read = (): void => {
    window.speechSynthesis.cancel();
    if (speaking) {
      setSpeaking(false);
      return;
    }
    const utterance = new SpeechSynthesisUtterance(text);
    utterance.lang = 'en';
    utterance.rate = 0.95;
    utterance.onend = () => setSpeaking(false);
    utterance.onerror = ({ error }) => {
      if (error === 'canceled' || error === 'interrupted') setSpeaking(false);
      else cannot();
    };
    setSpeaking(true);
    window.speechSynthesis.speak(utterance);
  };

  return (
    <p className="no-print -ml-2 flex gap-2 text-[0.95rem]">
      <button type="button" onClick={() => void copy()} className={BUTTON}>
        <Copy size={16} aria-hidden="true" /> {t('Copy')}
      </button>
      {canSpeak && (
        <button type="button" onClick={speak} aria-pressed={speaking} className={BUTTON}>
          {speaking ? (
            <Square size={15} aria-hidden="true" />
          ) : (
            <Volume2 size={17} aria-hidden="true" />
          )}
          {speaking ? t('Stop reading') : t('Read aloud')}
        </button>
      )}
    </p>
  );
}
