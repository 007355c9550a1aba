import type { Look, MeasuredMix } from '../../server/types';
import { plain } from '../../words/figures';

/** How a mix hides and shimmers, as a search asks for it; what is added can be added to anything. */
export function lookOf({ hidesFromMm, clayEffects }: MeasuredMix): Look {
  return { hidesFromMm, effects: clayEffects };
}

/** "hides from 1.2 mm on, with shimmer". */
export function lookWords({ hidesFromMm, effects }: Look): string {
  const hides = hidesFromMm >= 30 ? 'translucent' : `opaque from ${plain(Math.round(hidesFromMm * 10) / 10)} mm`;
  return effects && effects.length > 0 ? `${hides}, with ${effects.map((e) => e.toLowerCase()).join(' and ')}` : hides;
}
