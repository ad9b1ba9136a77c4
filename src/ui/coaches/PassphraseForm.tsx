'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { readPassphrase, type ListedAccount } from '@/core/lesson/coaches/account';
import { checked } from '../kit/checked';
import { FormFoot } from '../kit/FormFoot';
import { Overlay, type Closable } from '../kit/Overlay';
import { useClosing } from '../kit/closing';
import { ask, saidOf } from '../server/client';
import { PassphraseInput } from './PassphraseInput';

interface PassphraseFormProps extends Closable {
  account: ListedAccount;
  onSaved: () => void;
}

/** Another passphrase for an account. */
export function PassphraseForm({ account, onSaved, onClose }: PassphraseFormProps) {
  const close = useClosing(onClose);
  const [refused, setRefused] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm<{ passphrase: string }>({
    defaultValues: { passphrase: '' },
    resolver: checked((typed) => readPassphrase(typed, account.sign_in)),
  });
  const submit = handleSubmit(async (typed) => {
    const answered = await ask(`/api/accounts/${account.id}/passphrase`, 'PUT', typed);
    if (answered.kind !== 'ok') return setRefused(saidOf(answered));
    onSaved();
    close();
  });
  return (
    <Overlay
      title={t('New passphrase for {account}', { account: account.name })}
      shape="narrow"
      onClose={onClose}
    >
      <form noValidate onSubmit={(event) => void submit(event)} className="space-y-3">
        <PassphraseInput
          registered={register('passphrase')}
          fault={formState.errors.passphrase?.message}
        />
        <p className="text-sm text-ink-soft">
          {t('Every other device signed in as {signIn} will be signed out.', {
            signIn: account.sign_in,
          })}
        </p>
        <FormFoot
          refused={refused}
          busy={formState.isSubmitting}
          action={t('Change the passphrase')}
          onClose={onClose}
        />
      </form>
    </Overlay>
  );
}
