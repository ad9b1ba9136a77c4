import { t } from '@/core/tell/language/t';
import { ImportPage } from '@/ui/players/ImportPage';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Import players'));

export default function Page() {
  return <ImportPage />;
}
