import { useMutation } from '@tanstack/react-query';
import { useEffect, useId, useState } from 'react';
import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import { Segments } from '../../controls/segments';
import { Problem, sendFile } from '../../server/client';
import type { components } from '../../server/schema';
import { spanOf, useLimits } from '../../server/use-limits';
import { plain } from '../../words/figures';
import { PhotoTaps, type Spots } from './photo-taps';

type Read = components['schemas']['ReadView'];

/** What a card gives back when nobody says otherwise, in per cent. */
const usual = { GREY: 18, WHITE: 90 };
const first: Spots = { card: [0.3, 0.5], tile: [0.7, 0.5] };
/** From here on light that is not the same all over shows in the colour. */
const TILTED_PERCENT = 5;
/** From here on the light's cast is more than most cameras leave. */
const TINTED = 1.4;

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
  const [percent, setPercent] = useState(usual.GREY);
  const [spots, setSpots] = useState<Spots>(first);
  const limits = useLimits();
  const read = useMutation({
    meta: { form: true },
    mutationFn: (file: File) => {
      if (file.size > MOST_BYTES) throw new Error('This file is larger than 16 MB. Send a smaller photo.');
      const [cardAcross, cardDown] = spots.card;
      const [tileAcross, tileDown] = spots.tile;
      const query = new URLSearchParams({
        card,
        cardPercent: String(percent),
        ...(spots.again && { againAcross: String(spots.again[0]), againDown: String(spots.again[1]) }),
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
  const error = read.error instanceof Problem ? read.error.errors[0] : undefined;
  const failure = error ? error.message : read.error?.message;
  return (
    <div className="flex flex-col gap-2 py-1">
      <label
        htmlFor={id}
        className="inline-flex min-h-9 cursor-pointer items-center self-start rounded-small border border-line bg-paper px-3 font-semibold focus-within:outline-2 focus-within:outline-verdigris hover:border-verdigris"
      >
        Read the colour from a photo
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
            if (!file) return;
            setSpots(first);
            setChosen({ file, url: URL.createObjectURL(file) });
          }}
        />
      </label>
      {chosen && (
        <>
          <PhotoTaps url={chosen.url} spots={spots} onMove={setSpots} onUnseen={() => read.mutate(chosen.file)} />
          <div className="flex flex-wrap items-center gap-3">
            <Segments
              label="Card in the photo"
              value={card}
              options={[
                { value: 'GREY', label: 'Grey card' },
                { value: 'WHITE', label: 'White card' },
              ]}
              onChange={(to) => {
                setCard(to);
                setPercent(usual[to]);
              }}
            />
            <label className="inline-flex items-baseline gap-1 text-soft">
              reflects{' '}
              <NumberField
                label="Light the card reflects"
                value={percent}
                span={spanOf(limits, 'photo', 'cardPercent')}
                chars={3}
                onChange={setPercent}
                onSettle={() => undefined}
              />{' '}
              %
            </label>
            <Button kind="main" onClick={() => read.mutate(chosen.file)}>
              Read the colour
            </Button>
            <Button kind="quiet" onClick={() => setChosen(null)}>
              Remove the photo
            </Button>
          </div>
        </>
      )}
      {read.data && Math.abs(read.data.tiltPercent) > TILTED_PERCENT && (
        <p role="note" className="text-note text-straw">
          ◦ The light at the tile seems {plain(Math.abs(Math.round(read.data.tiltPercent)))} %{' '}
          {read.data.tiltPercent > 0 ? 'stronger' : 'weaker'} than at the card. To correct this, tap the card a second
          time at its other end, beyond the tile if possible.{' '}
          <button
            type="button"
            className="min-h-6 font-semibold underline"
            onClick={() => setSpots((all) => ({ ...all, again: all.card }))}
          >
            {' '}
            Tap the card a second time{' '}
          </button>
        </p>
      )}
      {read.data && read.data.cast > TINTED && (
        <p role="note" className="text-note text-straw">
          ◦ The card looks tinted in the photo. If you tapped beside the card, tap the card itself.
        </p>
      )}
      {read.data && (
        <p role="status" className="text-note text-soft">
          Colour read: {read.data.hex}. The photo itself shows {read.data.photographedHex}, in light whose strongest
          colour is {plain(Math.round(read.data.cast * 100) / 100)} times its weakest.
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
