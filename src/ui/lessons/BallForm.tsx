'use client';

import { STRIKE_WORDS } from '@/core/tell/lessons/strikeWords';
import { t } from '@/core/tell/language/t';
import { useForm } from 'react-hook-form';
import { MOST_AFTER, STRIKES, type LoggedFields } from '@/core/lesson/balls/ball';
import { FORM_LENGTHS, ballTexts, ballUnit, readBallTexts } from '@/core/tell/lessons/ballForm';
import { counted } from '@/core/tell/words/counted';
import { checked } from '../kit/checked';
import { Choice, TextInput } from '../kit/fields';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface BallFormProps {
  /** What is known of the ball already. */
  ball: LoggedFields;
  action: string;
  /** Takes the ball; gives back what is wrong, or null. */
  onBall: (ball: LoggedFields) => Promise<string | null>;
}

/** Everything that can be said of a ball, in fields; each may be left empty. */
export function BallForm({ ball, action, onBall }: BallFormProps) {
  const units = useUnits();
  const { register, handleSubmit, setError, formState } = useForm({
    defaultValues: ballTexts(ball, units),
    resolver: checked(
      (texts) => readBallTexts(texts, units, ball),
      (path) => (path === 'ball' ? 'root' : path),
    ),
  });
  const send = handleSubmit(async (texts) => {
    const fault = await onBall(readBallTexts(texts, units, ball));
    if (fault !== null) setError('root', { message: fault });
  });
  const { errors } = formState;
  return (
    <form onSubmit={(event) => void send(event)} className="space-y-2">
      <div className="grid grid-cols-3 items-end gap-2 max-sm:grid-cols-2">
        {FORM_LENGTHS.map((length) => (
          <TextInput
            key={length.field}
            label={`${length.label}, ${ballUnit(length, units)}`}
            inputMode="decimal"
            fault={errors[length.field]?.message}
            {...register(length.field)}
          />
        ))}
        <Choice
          label={t('Strike')}
          options={[
            ['', t('not noted')],
            ...STRIKES.map((strike) => [strike, STRIKE_WORDS[strike]] as const),
          ]}
          {...register('strike')}
        />
        <Choice
          label={t('Strokes to hole out after it')}
          options={[
            ['', t('not counted')],
            ['0', t('holed out')],
            ...Array.from(
              { length: MOST_AFTER },
              (_, i) => [String(i + 1), counted(i + 1, 'stroke')] as const,
            ),
          ]}
          {...register('strokes_after')}
        />
      </div>
      <div className="grid grid-cols-2 gap-2 max-sm:grid-cols-1">
        <TextInput
          label={t('Change to the set-up')}
          maxLength={200}
          fault={errors.changed?.message}
          {...register('changed')}
        />
        <TextInput
          label={t('Note')}
          maxLength={500}
          fault={errors.note?.message}
          {...register('note')}
        />
      </div>
      {errors.root && <Alert className="text-sm">{errors.root.message}</Alert>}
      <button type="submit" className="button">
        {action}
      </button>
    </form>
  );
}
