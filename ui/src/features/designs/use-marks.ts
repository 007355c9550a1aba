import { useState } from 'react';

interface Mark {
  across: number;
  up: number;
}

/** Up to two places that are marked in a drawing, in its mm. */
export function useMarks() {
  const [places, setPlaces] = useState<Mark[]>([]);
  const [on, setOn] = useState(false);
  return {
    on,
    places,
    begin: () => {
      setPlaces([]);
      setOn(true);
    },
    end: () => {
      setPlaces([]);
      setOn(false);
    },
    add: (mark: Mark) => setPlaces((before) => (before.length < 2 ? [...before, mark] : before)),
  };
}

export type Marks = ReturnType<typeof useMarks>;
