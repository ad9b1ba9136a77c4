import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import { bagText } from '@/core/lesson/players/bagText';
import { MEANINGS, type Meaning } from '@/core/lesson/players/columns';
import type { ImportedLine, ImportPreview } from '@/core/lesson/players/playersCsv';
import { faultLine, type SaidFault } from '@/core/tell/facts/faultWords';
import { counted } from '@/core/tell/words/counted';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { Alert } from '../kit/Alert';
import { TickBox } from '../kit/TickBox';

/** What the server says a list of players would become. */
/** A line that cannot be taken, as it is said. */
type FaultyLine = Pick<ImportedLine, 'line'> & { faults: readonly SaidFault[] };

export interface PreviewOfList extends Omit<ImportPreview, 'lines' | 'wanted'> {
  wanted: readonly SaidFault[];
  kind: 'list';
  counts: { lines: number; good: number; faulty: number; twice: number };
  lines: ImportedLine[];
  faulty: FaultyLine[];
}

const SEPARATORS: Record<string, string> = told({
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'vertical bar',
});

const MEANING_WORDS: Record<Meaning, string> = told({
  name: 'Name',
  first: 'First name',
  last: 'Last name',
  handed: 'Right- or left-handed',
  skill: 'Level',
  handicap: 'Handicap',
  usual_miss: 'Usual miss',
  trusted_club: 'Trusted club',
  techniques: 'Techniques that have to be practised first',
  cautions: 'Physical limits',
  units: 'Units',
  schools: 'Preferred techniques',
  notes: 'Notes',
  clubs: 'All clubs',
  club: 'One club',
});

interface ListPreviewProps {
  preview: PreviewOfList;
  twice: boolean;
  onTwice: (twice: boolean) => void;
  busy: boolean;
  /** The coach says what each column holds. */
  onMeanings: (meanings: (Meaning | null)[]) => void;
  onAccept: () => void;
}

/** What each column and line of a list of players would become, before anything is saved. */
export function ListPreview(props: ListPreviewProps) {
  const { preview, twice, onTwice, busy, onMeanings, onAccept } = props;
  const { counts, columns, delimiter, wanted, lines, faulty } = preview;
  const toAdd = counts.good - (twice ? 0 : counts.twice);
  return (
    <section aria-labelledby="preview" className="mt-6">
      <h2 id="preview" className="text-2xl">
        {wanted.length > 0
          ? t('Say what each column contains')
          : t('{lines}: {good} can be added{faulty}', {
              lines: counted(counts.lines, 'line'),
              good: counts.good,
              faulty: counts.faulty > 0 ? t(', {faulty} cannot', { faulty: counts.faulty }) : '',
            })}
      </h2>
      {wanted.length > 0 && <Alert className="mt-3">{faultLine(wanted)}</Alert>}
      {columns.length > 0 && (
        <Columns
          columns={columns}
          separator={SEPARATORS[delimiter] ?? `“${delimiter}”`}
          busy={busy}
          onMeanings={onMeanings}
        />
      )}
      <div className="mt-4 flex flex-wrap items-center gap-5">
        <button
          type="button"
          disabled={busy || toAdd === 0}
          onClick={onAccept}
          className="button-main"
        >
          {t('Add {players}', { players: counted(toAdd, 'player') })}
        </button>
        {counts.twice > 0 && (
          <TickBox
            label={t('Also add {twice} whose name is in the roster already', {
              twice: counts.twice,
            })}
            checked={twice}
            onChecked={onTwice}
          />
        )}
      </div>
      {faulty.length > 0 && <Faulty lines={faulty} all={counts.faulty} />}
      {lines.length > 0 && <NewPlayers lines={lines} all={counts.good} twice={twice} />}
    </section>
  );
}

/** How each column was read, with a choice to read it otherwise. */
function Columns({
  columns,
  separator,
  busy,
  onMeanings,
}: {
  columns: PreviewOfList['columns'];
  separator: string;
  busy: boolean;
  onMeanings: ListPreviewProps['onMeanings'];
}) {
  const choose = (at: number, value: string): void =>
    onMeanings(
      columns.map(({ becomes }, i) => (i === at ? ((value || null) as Meaning | null) : becomes)),
    );
  return (
    <>
      <p className="mt-1">
        {t('Separator: {separator}. Columns were read like this:', { separator })}
      </p>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3">
        {columns.map(({ heading, becomes, sample }, i) => (
          <li key={i} className="min-w-0 rounded bg-paper-deep p-2">
            <label className="block">
              <span className="block truncate font-semibold">
                {heading || t('Column {i}', { i: i + 1 })}
              </span>
              <span className="block truncate text-sm text-ink-soft">
                {sample === '' ? t('empty') : sample}
              </span>
              <select
                value={becomes ?? ''}
                disabled={busy}
                onChange={(event) => choose(i, event.target.value)}
                className="box mt-1 w-full px-2"
              >
                <option value="">{t('Leave out')}</option>
                {MEANINGS.map((meaning) => (
                  <option key={meaning} value={meaning}>
                    {MEANING_WORDS[meaning]}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Lines that cannot be added, each with what is wrong. */
function Faulty({ lines, all }: { lines: readonly FaultyLine[]; all: number }) {
  return (
    <Sideways label={t('Lines that cannot be added')} className="mt-4">
      <h3 className="text-lg">{t('Lines that cannot be added')}</h3>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <th scope="col" className="w-20 py-1">
              {t('Line')}
            </th>
            <th scope="col">{t('What is wrong')}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ line, faults }) => (
            <tr key={line} className="border-b border-hairline">
              <td className="py-1">{line}</td>
              <td>{faultLine(faults)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length < all && (
        <p className="mt-1">{t('and {all} more.', { all: all - lines.length })}</p>
      )}
    </Sideways>
  );
}

/** The players that would be added. */
function NewPlayers({
  lines,
  all,
  twice,
}: {
  lines: readonly ImportedLine[];
  all: number;
  twice: boolean;
}) {
  return (
    <Sideways label={t('New players')} className="mt-4">
      <h3 className="text-lg">{t('New players')}</h3>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <th scope="col" className="w-20 py-1">
              {t('Line')}
            </th>
            <th scope="col">{t('Player')}</th>
            <th scope="col">{t('Level')}</th>
            <th scope="col">{t('Clubs: loft/bounce, carry')}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ line, record, twice: there }) => (
            <tr
              key={line}
              className={`border-b border-hairline ${there && !twice ? 'text-ink-soft line-through' : ''}`}
            >
              <td className="py-1">{line}</td>
              <td className="pr-4">
                {record!.name}
                {there && ` ${t('(in the roster already)')}`}
              </td>
              <td className="pr-4">
                {SKILL_WORDS[record!.skill]}
                {record!.handed === 'left' && t(', left-handed')}
              </td>
              <td>{bagText(record!.bag)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length < all && (
        <p className="mt-1">{t('and {all} more.', { all: all - lines.length })}</p>
      )}
    </Sideways>
  );
}
