import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import { TabsLine } from '../../controls/tabs-line';
import { useMixes } from '../../server/use-studio';
import { MixesTabs } from '../mixes/mixes-tabs';
import { BlendTool } from './blend-tool';
import { CaneTool } from './cane-tool';
import { CordTool } from './cord-tool';
import { CoverTool } from './cover-tool';
import { SheetTool } from './sheet-tool';

const tools = [
  { path: '', label: 'Sheet' },
  { path: 'blend', label: 'Graduated blend' },
  { path: 'cane', label: 'Cane' },
  { path: 'cords', label: 'Cords' },
  { path: 'cover', label: 'Cover a form' },
];

/** What goes through rollers, a blade or a barrel. */
export function SheetsPlace() {
  const { tool = '' } = useParams();
  const mixes = useMixes();
  return (
    <Place title="Mixes" name="Sheets, canes, cords" about={<MixesTabs chosen="sheets" />}>
      <TabsLine label="Sheets, canes, cords" base="/mixes/sheets" tabs={tools} />
      {mixes.length === 0 ? (
        <Empty
          title="A sheet needs a mix"
          step={
            <Link to="/mixes" className="font-semibold text-verdigris underline">
              Make a mix first
            </Link>
          }
        >
          With a mix, this page works out the clay and settings for a sheet, the pieces of a blend, and the slices of a
          cane.
        </Empty>
      ) : (
        <Tool tool={tool} />
      )}
    </Place>
  );
}

function Tool({ tool }: { tool: string }) {
  if (tool === 'blend') return <BlendTool />;
  if (tool === 'cane') return <CaneTool />;
  if (tool === 'cords') return <CordTool />;
  if (tool === 'cover') return <CoverTool />;
  return <SheetTool />;
}
