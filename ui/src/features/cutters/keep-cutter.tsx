import { Button } from '../../controls/button';
import { useCutterActs, useCutters } from './use-cutters';

/** Keeps an outline as a cutter of the studio, unless it is one already. */
export function KeepCutter({ outline, name }: { outline: number[][]; name: string }) {
  const cutters = useCutters();
  const { add } = useCutterActs();
  const same = JSON.stringify(outline);
  const known = cutters.find(({ cutter }) => JSON.stringify(cutter.outline) === same);
  if (known) return <span className="text-note text-soft">kept as “{known.cutter.name}”</span>;
  return (
    <Button kind="quiet" disabled={add.isPending} onClick={() => add.mutate({ name, outline })}>
      Keep as a cutter
    </Button>
  );
}
