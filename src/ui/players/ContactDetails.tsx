'use client';

import { t } from '@/core/tell/language/t';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { readContact, type Contact } from '@/core/lesson/players/contact';
import { Alert } from '../kit/Alert';
import { checked } from '../kit/checked';
import { TextInput } from '../kit/fields';
import { numberOrText } from './playerForm';
import { takeSaved } from '../kit/takeSaved';
import { ask, bodyOf, saidOf } from '../server/client';

interface ContactTexts {
  birth_year: string;
  contact: string;
}

/** What was typed, as outside input. */
const contactFrom = ({ birth_year, contact }: ContactTexts) => ({
  ...(birth_year.trim() === '' ? {} : { birth_year: numberOrText(birth_year) }),
  contact: contact.trim(),
});

const contactAt = (playerId: string): string => `/api/players/${playerId}/contact`;
const contactKey = (playerId: string) => ['contact', playerId];

/** How a player is reached and the year of birth: fetched when it is opened, and on no other page, list, card or file of a lesson. */
export function ContactDetails({ playerId }: { playerId: string }) {
  const [open, setOpen] = useState(false);
  const { data: known, error } = useQuery({
    queryKey: contactKey(playerId),
    queryFn: () => bodyOf(ask<Contact>(contactAt(playerId))),
    enabled: open,
  });
  return (
    <details
      className="no-print mt-1"
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2.5">{t('Year of birth and contact')}</summary>
      {error && <Alert>{error.message}</Alert>}
      {known && <ContactForm playerId={playerId} known={known} />}
    </details>
  );
}

function ContactForm({ playerId, known }: { playerId: string; known: Contact }) {
  const cache = useQueryClient();
  const form = useForm<ContactTexts>({
    defaultValues: { birth_year: String(known.birth_year ?? ''), contact: known.contact ?? '' },
    resolver: checked((typed) => readContact(contactFrom(typed))),
  });
  const { register, handleSubmit, setError, formState } = form;
  const { errors, isDirty, isSubmitting } = formState;
  const submit = handleSubmit(async (typed) => {
    const answered = await ask<Contact>(contactAt(playerId), 'PUT', contactFrom(typed));
    if (answered.kind !== 'ok') return setError('root', { message: saidOf(answered) });
    cache.setQueryData(contactKey(playerId), answered.body);
    takeSaved(form, typed, typed);
    toast.success(t('Saved.'));
  });
  return (
    <form
      noValidate
      onSubmit={(event) => void submit(event)}
      className="flex flex-wrap items-end gap-3"
    >
      <div className="w-32">
        <TextInput
          label={t('Year of birth')}
          inputMode="numeric"
          fault={errors.birth_year?.message}
          {...register('birth_year')}
        />
      </div>
      <div className="w-80 max-w-full">
        <TextInput
          label={t('Contact')}
          maxLength={200}
          placeholder={t('phone, email, or whom to ask')}
          fault={errors.contact?.message}
          {...register('contact')}
        />
      </div>
      <button type="submit" disabled={!isDirty || isSubmitting} className="button">
        {t('Save contact')}
      </button>
      {errors.root && <Alert>{errors.root.message}</Alert>}
      <p className="w-full text-sm text-ink-soft">
        {t(
          'Shown only here, and on no list, card or lesson file. It is part of the player’s own export and is erased with the player.',
        )}
      </p>
    </form>
  );
}
