import { useMutation } from '@tanstack/react-query';
import { FileButton } from '../../controls/file-button';
import { api, Problem, take } from '../../server/client';
import type { Part } from '../../server/types';
import { count, mm } from '../../words/figures';
import { CutterFields } from './cutter-fields';

interface Props {
  part: Part;
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

/** Most characters of a file that are sent; the server refuses as many. */
const MOST = 2_000_000;

/** The outline of a cut-out, read out of an SVG file. */
export function OutlineField({ part, onChange, onSettle }: Props) {
  const read = useMutation({
    meta: { form: true },
    mutationFn: async (file: File) => {
      if (file.size > MOST * 2)
        throw new Error(`This file has ${mm(file.size / 1e6)} MB; the limit is 2 MB. Simplify the drawing.`);
      return take(api.POST('/api/outlines', { body: { svg: await file.text() } }));
    },
    onSuccess: ({ rings }) => {
      onChange((p) => ({ ...p, shape: { ...p.shape, outline: rings } }));
      onSettle();
    },
  });
  const corners = (part.shape.outline ?? []).reduce((sum, ring) => sum + ring.length / 2, 0);
  const holes = (part.shape.outline?.length ?? 1) - 1;
  const error = read.error instanceof Problem ? read.error.errors[0] : undefined;
  const failure = error ? error.message : read.error?.message;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <CutterFields
        of={part.name}
        onCut={(outline) => {
          onChange((p) => ({ ...p, shape: { ...p.shape, outline } }));
          onSettle();
        }}
      />
      <FileButton accept=".svg,image/svg+xml" onFile={(file) => read.mutate(file)}>
        {read.isPending ? 'Reading …' : 'Read an outline from an SVG file'}
      </FileButton>
      <span className="text-note text-soft">
        {count(corners, 'corner')}
        {holes > 0 && `, ${count(holes, 'hole')}`}
      </span>
      {failure && (
        <p role="alert" className="w-full text-note text-madder">
          {failure} The outline is unchanged.
        </p>
      )}
    </div>
  );
}
