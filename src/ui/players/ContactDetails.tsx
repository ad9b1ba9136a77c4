'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { readContact, type Contact } from '@/core/lesson/players/contact';
import { Alert } from '../kit/Alert';
import { checked } from '../kit/checked';
import { TextInput } from '../kit/fields';
import { numberOrText } from './playerForm';
import { ask, saidOf } from '../server/client';

interface ContactTexts {
  birth_year: string;
  contact: string;
}

/** What was typed, as outside input. */
const contactFrom = ({ birth_year, contact }: ContactTexts) => ({
  ...(birth_year.trim() === '' ? {} : { birth_year: numberOrText(birth_year) }),
  contact: contact.trim(),
});

/** How a player is reached and the year of birth: fetched when it is opened, and on no other page, list, card or file of a lesson. */
export function ContactDetails({ playerId }: { playerId: string }) {
  const [known, setKnown] = useState<Contact | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const open = async (): Promise<void> => {
    const answered = await ask<Contact>(`/api/players/${playerId}/contact`);
    if (answered.kind === 'ok') setKnown(answered.body);
    setFault(answered.kind === 'ok' ? null : saidOf(answered));
  };
  return (
    <details
      className="no-print mt-1"
      onToggle={({ currentTarget }) => void (currentTarget.open && known === null && open())}
    >
      <summary className="min-h-11 cursor-pointer py-2.5">Year of birth and contact</summary>
      {fault && <Alert>{fault}</Alert>}
      {known && <ContactForm playerId={playerId} known={known} />}
    </details>
  );
}

function ContactForm({ playerId, known }: { playerId: string; known: Contact }) {
  const { register, handleSubmit, setError, reset, formState } = useForm<ContactTexts>({
    defaultValues: { birth_year: String(known.birth_year ?? ''), contact: known.contact ?? '' },
    resolver: checked((typed) => readContact(contactFrom(typed))),
  });
  const { errors, isDirty, isSubmitting } = formState;
  const submit = handleSubmit(async (typed) => {
    const at = `/api/players/${playerId}/contact`;
    const answered = await ask<Contact>(at, 'PUT', contactFrom(typed));
    if (answered.kind !== 'ok') return setError('root', { message: saidOf(answered) });
    reset(typed);
    toast.success('Saved.');
  });
  return (
    <form
      noValidate
      onSubmit={(event) => void submit(event)}
      className="flex flex-wrap items-end gap-3"
    >
      <div className="w-32">
        <TextInput
          label="Year of birth"
          inputMode="numeric"
          fault={errors.birth_year?.message}
          {...register('birth_year')}
        />
      </div>
      <div className="w-80 max-w-full">
        <TextInput
          label="Contact"
          maxLength={200}
          placeholder="phone, email, or whom to ask"
          fault={errors.contact?.message}
          {...register('contact')}
        />
      </div>
      <button type="submit" disabled={!isDirty || isSubmitting} className="button">
        Save contact
      </button>
      {errors.root && <Alert>{errors.root.message}</Alert>}
      <p className="w-full text-sm text-ink-soft">
        Shown only here, and on no list, card or lesson file. It is part of the player’s own export
        and is erased with the player.
      </p>
    </form>
  );
}
