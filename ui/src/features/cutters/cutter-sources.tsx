import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { FileButton } from '../../controls/file-button';
import { api, Problem, take } from '../../server/client';
import { mm } from '../../words/figures';
import { CutterFields } from './cutter-fields';
import { TracePanel } from './trace-panel';
import { useCutters } from './use-cutters';

interface Props {
  /** What the outline is for, for those who do not see it. */
  of: string;
  /** Whether it becomes a cutter that is kept; then none is offered that is kept already. */
  keeps?: boolean;
  /** @param name what it is called where it came from, empty where it has no name */
  onCut: (outline: number[][], name: string) => void;
}

/** Most characters of a file that are sent; the server refuses as many. */
const MOST = 2_000_000;

const bare = (file: string) => file.replace(/\.\w+$/, '').slice(0, 60);

/** Where an outline comes from: a kept cutter, a family with its measures, an SVG file, a photo. */
export function CutterSources({ of, keeps = false, onCut }: Props) {
  const cutters = useCutters();
  const [tracing, setTracing] = useState(false);
  const read = useMutation({
    meta: { form: true },
    mutationFn: async (file: File) => {
      if (file.size > MOST * 2)
        throw new Error(`This file has ${mm(file.size / 1e6)} MB; the limit is 2 MB. Simplify the drawing.`);
      return {
        ...(await take(api.POST('/api/outlines', { body: { svg: await file.text() } }))),
        name: bare(file.name),
      };
    },
    onSuccess: ({ rings, name }) => onCut(rings, name),
  });
  const error = read.error instanceof Problem ? read.error.errors[0] : undefined;
  const failure = error ? error.message : read.error?.message;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <CutterFields of={of} keeps={keeps} onCut={onCut} />
      {!keeps && cutters.length > 0 && (
        <Choice
          label={`${of}, kept cutter`}
          value=""
          placeholder="Use a kept cutter"
          options={cutters.map(({ id, cutter }) => ({ value: String(id), label: cutter.name }))}
          onChange={(id) => {
            const chosen = cutters.find((one) => String(one.id) === id);
            if (chosen) onCut(chosen.cutter.outline, chosen.cutter.name);
          }}
        />
      )}
      <FileButton accept=".svg,image/svg+xml" onFile={(file) => read.mutate(file)}>
        {read.isPending ? 'Reading …' : 'Read an outline from an SVG file'}
      </FileButton>
      <Button aria-expanded={tracing} onClick={() => setTracing((open) => !open)}>
        Trace a photo
      </Button>
      {failure && (
        <p role="alert" className="w-full text-note text-madder">
          {failure} The outline is unchanged.
        </p>
      )}
      {tracing && (
        <TracePanel
          keeps={keeps}
          onTraced={(outline) => {
            onCut(outline, '');
            setTracing(false);
          }}
        />
      )}
    </div>
  );
}
