import { useParams } from 'react-router';
import { FileButton } from '../../controls/file-button';
import { Place } from '../../controls/place';
import { PlaceTabs } from '../../controls/place-tabs';
import { RefusedNote } from '../../controls/problem-note';
import { count } from '../../words/figures';
import { LearnedPair } from './learned-pair';
import { LinesPair } from './lines-pair';
import { useDaybookActs } from './use-daybook';

const tabs = [
  { path: 'lines', label: 'Lines', to: '/daybook' },
  { path: 'learned', label: 'What it taught', to: '/daybook/learned' },
];

/** The daybook: what happened at the bench, and what plans learn from it. */
export function DaybookPlace() {
  const { tab = 'lines' } = useParams();
  const { take } = useDaybookActs();
  return (
    <Place
      title="Daybook"
      name={tab === 'learned' ? 'Daybook, what it taught' : 'Daybook'}
      about={<PlaceTabs label="Daybook" chosen={tab} tabs={tabs} />}
      actions={
        <>
          <a
            href="/api/daybook/lines.csv"
            download
            className="inline-flex min-h-9 items-center rounded-small border border-line bg-paper px-3 font-semibold hover:border-verdigris"
          >
            Save as CSV
          </a>
          <FileButton accept=".csv,text/csv" onFile={take.mutate}>
            Add lines of a CSV file
          </FileButton>
        </>
      }
    >
      <RefusedNote error={take.error} />
      {take.data && <p role="status">{count(take.data.lines, 'line')} added; one Undo takes them out again.</p>}
      {tab === 'learned' ? <LearnedPair /> : <LinesPair />}
    </Place>
  );
}
