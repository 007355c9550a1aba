import { Caution } from './caution';

/** Where hot air is used on clay at the bench. */
export function HotAirCaution() {
  return (
    <Caution>
      Hot air burns skin and scorches clay, and scorched clay gives off irritant fumes. Keep it moving, air the room,
      keep alcohol and varnish away. It sets paint and liquid clay; it does not replace the bake. The packet and the
      safety sheet decide.
    </Caution>
  );
}
