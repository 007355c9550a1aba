import { useMutation } from '@tanstack/react-query';
import { Button } from '../../controls/button';
import { FileButton } from '../../controls/file-button';
import { RefusedNote } from '../../controls/problem-note';
import { sendFile } from '../../server/client';
import type { DaybookLine } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { lineAlt } from './line-words';

/** A photo of what a line tells: it is kept with the line. */
export function LinePhoto({ draft }: { draft: Draft<DaybookLine> }) {
  const add = useMutation({ mutationFn: (file: File) => sendFile<{ id: number }>('/api/pictures/photo', file) });
  const { pictureId } = draft.form;
  return (
    <span className="inline-flex basis-full flex-wrap items-end gap-3">
      {pictureId !== undefined && (
        <img
          src={`/api/pictures/${pictureId}`}
          alt={lineAlt(draft.form)}
          className="max-h-80 max-w-full rounded-small border border-line"
        />
      )}
      <FileButton
        accept="image/jpeg,image/png"
        onFile={(file) =>
          add.mutate(file, {
            onSuccess: ({ id }) => {
              draft.change((line) => ({ ...line, pictureId: id }));
              draft.settle();
            },
          })
        }
      >
        {pictureId === undefined ? 'Add a photo' : 'Another photo'}
      </FileButton>
      {pictureId !== undefined && (
        <Button kind="quiet" onClick={() => draft.change(({ pictureId: _, ...line }) => line)}>
          Remove the photo
        </Button>
      )}
      {add.isPending && <span role="status">Saving the photo …</span>}
      <RefusedNote error={add.error} />
    </span>
  );
}
