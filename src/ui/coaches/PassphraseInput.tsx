import { t } from '@/core/tell/language/t';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { PASSPHRASE } from '@/core/lesson/coaches/account';
import { TextInput } from '../kit/fields';

interface PassphraseInputProps {
  registered: UseFormRegisterReturn;
  fault: string | undefined;
}

/** A field for a new passphrase. */
export const PassphraseInput = ({ registered, fault }: PassphraseInputProps) => (
  <TextInput
    label={t('Passphrase, {n} characters or more', { n: PASSPHRASE[0] })}
    type="password"
    autoComplete="new-password"
    maxLength={PASSPHRASE[1]}
    fault={fault}
    {...registered}
  />
);
