import type { Supply } from '../server/types';

const inCoats: Supply['kind'][] = [
  'PRIMER',
  'PAINT',
  'WASH',
  'VARNISH_MATT',
  'VARNISH_SATIN',
  'VARNISH_GLOSS',
  'RESIN',
  'LIQUID_CLAY',
];

/** Whether a supply of a kind is put on in coats, by the surface. */
export function isInCoats(kind: Supply['kind']): boolean {
  return inCoats.includes(kind);
}
