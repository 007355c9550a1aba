package fairember.core.ovenload;

import fairember.core.quantity.Length;

/**
 * Where one thing lies in the oven.
 *
 * @param key of its bake
 * @param shelf counted from 0
 * @param left of its box from the left edge of the tray
 * @param back of its box from the back edge of the tray
 * @param width of its box across, turned or not
 * @param depth of its box front to back
 * @param height above the tray
 */
public record Place(BakeKey key, int shelf, Length left, Length back, Length width, Length depth, Length height) {}
