import type { Look, MeasuredMix } from '../../server/types';
import { plainIn, u } from '../../words/figures';

/** How a mix hides and shimmers, as a search asks for it; what is added can be added to anything. */
export function lookOf({ opaqueFromMm, clayEffects }: MeasuredMix): Look {
  return { opaqueFromMm, effects: clayEffects };
}

/** "hides from 1.2 mm on, with shimmer". */
export function lookWords({ opaqueFromMm, effects }: Look): string {
  const hides =
    opaqueFromMm >= 30 ? 'translucent' : `opaque from ${plainIn('mm', Math.round(opaqueFromMm * 10) / 10)} ${u.mm}`;
  return effects && effects.length > 0 ? `${hides}, with ${effects.map((e) => e.toLowerCase()).join(' and ')}` : hides;
}
