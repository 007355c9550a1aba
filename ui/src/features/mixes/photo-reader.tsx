import { useMutation } from '@tanstack/react-query';
import { useEffect, useId, useState } from 'react';
import { Button } from '../../controls/button';
import { Segments } from '../../controls/segments';
import { Problem, sendFile } from '../../server/client';
import type { components } from '../../server/schema';
import { plain } from '../../words/figures';
import { PhotoTaps, type Spot } from './photo-taps';

type Read = components['schemas']['ReadView'];

/** The server refuses as much. */
const MOST_BYTES = 16 * 1024 * 1024;

interface Props {
  /** What the colour is of, for those who do not see where it stands. */
  of: string;
  onRead: (hex: string) => void;
}

/** A photo that was chosen, and where it is shown from. */
interface Chosen {
  file: File;
  url: string;
}

/** Reads a colour off a photo of a tile beside a grey or white card: choose it, tap the card, tap the tile. */
export function PhotoReader({ of, onRead }: Props) {
  const id = useId();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [card, setCard] = useState<'GREY' | 'WHITE'>('GREY');
  const [spots, setSpots] = useState<{ card: Spot; tile: Spot }>({ card: [0.3, 0.5], tile: [0.7, 0.5] });
  const read = useMutation({
    meta: { form: true },
    mutationFn: (file: File) => {
      if (file.size > MOST_BYTES)
        throw new Error('Found more than 16 MB, allowed is a photo of up to 16 MB. Send it smaller.');
      const [cardAcross, cardDown] = spots.card;
      const [tileAcross, tileDown] = spots.tile;
      const query = new URLSearchParams({
        card,
        cardAcross: String(cardAcross),
        cardDown: String(cardDown),
        tileAcross: String(tileAcross),
        tileDown: String(tileDown),
      });
      return sendFile<Read>(`/api/tiles/photo?${query.toString()}`, file);
    },
    onSuccess: (found) => onRead(found.hex),
  });
  useEffect(() => () => (chosen ? URL.revokeObjectURL(chosen.url) : undefined), [chosen]);
  const wrong = read.error instanceof Problem ? read.error.wrongs[0] : undefined;
  const failure = wrong ? `Found ${wrong.found}, allowed is ${wrong.allowed}. ${wrong.mend}` : read.error?.message;
  return (
    <div className="flex flex-col gap-2 py-1">
      <label
        htmlFor={id}
        className="inline-flex min-h-9 cursor-pointer items-center self-start rounded-small border border-line bg-paper px-3 font-semibold focus-within:outline-2 focus-within:outline-verdigris hover:border-verdigris"
      >
        Read it off a photo
        <input
          id={id}
          type="file"
          aria-label={`Photo of the ${of}`}
          accept="image/jpeg,image/png"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            read.reset();
            if (file) setChosen({ file, url: URL.createObjectURL(file) });
          }}
        />
      </label>
      {chosen && (
        <>
          <PhotoTaps url={chosen.url} spots={spots} onMove={setSpots} />
          <div className="flex flex-wrap items-center gap-3">
            <Segments
              label="The card in the photo"
              value={card}
              options={[
                { value: 'GREY', label: 'Grey card, 18 %' },
                { value: 'WHITE', label: 'White card, 90 %' },
              ]}
              onChange={setCard}
            />
            <Button kind="main" onClick={() => read.mutate(chosen.file)}>
              Read the colour
            </Button>
            <Button kind="quiet" onClick={() => setChosen(null)}>
              Put the photo away
            </Button>
          </div>
        </>
      )}
      {read.data && (
        <p role="status" className="text-note text-soft">
          Read {read.data.hex}; the photo itself has {read.data.photographedHex}, under light whose strongest colour is{' '}
          {plain(Math.round(read.data.cast * 100) / 100)} times its weakest.
        </p>
      )}
      {failure && (
        <p role="alert" className="text-note text-madder">
          {failure}
        </p>
      )}
    </div>
  );
}
