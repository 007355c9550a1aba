package fairember.core.ovenload;

/**
 * The box of a thing seen from above, in mm.
 *
 * @param turns whether it may be turned
 */
record Flat(BakeKey key, double width, double depth, double height, boolean turns) {}
