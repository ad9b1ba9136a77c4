import { Sideways } from '../kit/Sideways';
import { bagText } from '@/core/lesson/players/bagText';
import { MEANINGS, type Meaning } from '@/core/lesson/players/columns';
import type { ImportedLine, ImportPreview } from '@/core/lesson/players/playersCsv';
import { faultLine } from '@/core/tell/format/fault';
import { counted } from '@/core/tell/words/counted';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { Alert } from '../kit/Alert';
import { TickBox } from '../kit/TickBox';

/** What the server says a list of players would become. */
export interface PreviewOfList extends Omit<ImportPreview, 'lines'> {
  kind: 'list';
  counts: { lines: number; good: number; faulty: number; twice: number };
  lines: ImportedLine[];
  faulty: ImportedLine[];
}

const SEPARATORS: Record<string, string> = {
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'vertical bar',
};

const MEANING_WORDS: Record<Meaning, string> = {
  name: 'Name',
  first: 'First name',
  last: 'Last name',
  handed: 'Right- or left-handed',
  skill: 'Level',
  handicap: 'Handicap',
  usual_miss: 'Usual miss',
  trusted_club: 'Trusted club',
  cautions: 'Physical limits',
  units: 'Units',
  schools: 'Techniques',
  notes: 'Notes',
  clubs: 'All clubs',
  club: 'One club',
};

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
          ? 'Say what the columns hold'
          : `${counted(counts.lines, 'line')}: ${counts.good} can be added${
              counts.faulty > 0 ? `, ${counts.faulty} cannot` : ''
            }`}
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
          Add {counted(toAdd, 'player')}
        </button>
        {counts.twice > 0 && (
          <TickBox
            label={`Also add ${counts.twice} whose name is in the roster already`}
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
      <p className="mt-1">Separator: {separator}. Columns were read like this:</p>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3">
        {columns.map(({ heading, becomes, sample }, i) => (
          <li key={i} className="min-w-0 rounded bg-paper-deep p-2">
            <label className="block">
              <span className="block truncate font-semibold">{heading || `Column ${i + 1}`}</span>
              <span className="block truncate text-sm text-ink-soft">
                {sample === '' ? 'empty' : sample}
              </span>
              <select
                value={becomes ?? ''}
                disabled={busy}
                onChange={(event) => choose(i, event.target.value)}
                className="box mt-1 w-full px-2"
              >
                <option value="">Leave out</option>
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
function Faulty({ lines, all }: { lines: readonly ImportedLine[]; all: number }) {
  return (
    <Sideways label="Lines that cannot be added" className="mt-4">
      <h3 className="text-lg">Lines that cannot be added</h3>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <th scope="col" className="w-20 py-1">
              Line
            </th>
            <th scope="col">What is wrong</th>
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
      {lines.length < all && <p className="mt-1">and {all - lines.length} more.</p>}
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
    <Sideways label="New players" className="mt-4">
      <h3 className="text-lg">New players</h3>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <th scope="col" className="w-20 py-1">
              Line
            </th>
            <th scope="col">Player</th>
            <th scope="col">Level</th>
            <th scope="col">Clubs: loft/bounce, carry</th>
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
                {there && ' (in the roster already)'}
              </td>
              <td className="pr-4">
                {SKILL_WORDS[record!.skill]}
                {record!.handed === 'left' && ', left-handed'}
              </td>
              <td>{bagText(record!.bag)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length < all && <p className="mt-1">and {all - lines.length} more.</p>}
    </Sideways>
  );
}
