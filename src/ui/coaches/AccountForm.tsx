'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import {
  readAccount,
  readNewAccount,
  ROLES,
  type ListedAccount,
  type NewAccount,
} from '@/core/lesson/coaches/account';
import { ROLE_WORDS } from '@/core/tell/lessons/roleWords';
import { capital } from '@/core/tell/words/capital';
import { checked } from '../kit/checked';
import { Choice, TextInput } from '../kit/fields';
import { FormFoot } from '../kit/FormFoot';
import { Overlay, type Closable } from '../kit/Overlay';
import { useClosing } from '../kit/closing';
import { ask, saidOf } from '../server/client';
import { PassphraseInput } from './PassphraseInput';

interface AccountFormProps extends Closable {
  /** Null for a new one. */
  account: ListedAccount | null;
  /** True for the first of all, who must be able to do everything. */
  first: boolean;
  onSaved: () => void;
}

/** Somebody who may sign in: name, sign-in name, role, and a passphrase to begin with. */
export function AccountForm({ account, first, onSaved, onClose }: AccountFormProps) {
  const close = useClosing(onClose);
  const [refused, setRefused] = useState<string | null>(null);
  const typedAccount = (typed: NewAccount): object => {
    const { passphrase, ...record } = typed;
    const trimmed = { ...record, name: record.name.trim(), sign_in: record.sign_in.trim() };
    return account ? trimmed : { ...trimmed, passphrase };
  };
  const { register, handleSubmit, formState } = useForm<NewAccount>({
    defaultValues: {
      name: account?.name ?? '',
      sign_in: account?.sign_in ?? '',
      role: account?.role ?? (first ? 'head-coach' : 'coach'),
      passphrase: '',
    },
    resolver: checked((typed) =>
      account ? readAccount(typedAccount(typed)) : readNewAccount(typedAccount(typed)),
    ),
  });
  const { errors, isSubmitting } = formState;
  const submit = handleSubmit(async (typed) => {
    const answered = account
      ? await ask(`/api/accounts/${account.id}`, 'PUT', typedAccount(typed))
      : await ask('/api/accounts', 'POST', typedAccount(typed));
    if (answered.kind !== 'ok') return setRefused(saidOf(answered));
    onSaved();
    close();
  });
  return (
    <Overlay title={account?.name ?? t('Add somebody')} shape="narrow" onClose={onClose}>
      <form noValidate onSubmit={(event) => void submit(event)} className="space-y-3">
        <TextInput
          label={t('Name')}
          maxLength={80}
          fault={errors.name?.message}
          {...register('name')}
        />
        <TextInput
          label={t('Sign-in name')}
          maxLength={40}
          autoCapitalize="none"
          fault={errors.sign_in?.message}
          {...register('sign_in')}
        />
        <Choice
          label={t('Role')}
          options={ROLES.map(
            (role) => [role, `${capital(ROLE_WORDS[role].name)}: ${ROLE_WORDS[role].may}`] as const,
          )}
          {...register('role')}
        />
        {!account && (
          <PassphraseInput registered={register('passphrase')} fault={errors.passphrase?.message} />
        )}
        <FormFoot
          refused={refused}
          busy={isSubmitting}
          action={account ? t('Save') : t('Add')}
          onClose={onClose}
        />
      </form>
    </Overlay>
  );
}
