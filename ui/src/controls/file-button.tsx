import type { ReactNode } from 'react';

interface Props {
  /** Kinds of files, as an input takes them. */
  accept: string;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** Chooses a file and hands it over; the same file can be chosen again. */
export function FileButton({ accept, onFile, children }: Props) {
  return (
    <label className="inline-flex min-h-9 cursor-pointer items-center rounded-small border border-line bg-paper px-3 font-semibold focus-within:outline-2 focus-within:outline-verdigris hover:border-verdigris">
      {children}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
