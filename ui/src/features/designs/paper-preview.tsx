interface Props {
  title: string;
  /** Address of the page without its ending. */
  src: string;
  edition: number;
  words: string;
}

const link =
  'inline-flex min-h-9 items-center rounded-small border border-line bg-paper px-3 font-semibold hover:border-verdigris';

/** A page that is printed at true size, made small, with its files. */
export function PaperPreview({ title, src, edition, words }: Props) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2 rounded-card border border-line bg-paper p-3">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto text-figure">{title}</h2>
        <a className={link} href={`${src}.pdf?edition=${edition}`} target="_blank" rel="noreferrer">
          Print (PDF)
        </a>
        <a className={link} href={`${src}.svg?edition=${edition}`} download>
          Save drawing (SVG)
        </a>
      </div>
      <p className="text-note text-soft">{words}</p>
      <div className="bg-ground min-h-40 flex-1 overflow-y-auto p-3" tabIndex={0} role="group" aria-label={title}>
        <img
          key={edition}
          src={`${src}.svg?edition=${edition}`}
          alt={`${title}, preview`}
          className="bg-white mx-auto w-full max-w-100 shadow-float"
        />
      </div>
    </section>
  );
}
