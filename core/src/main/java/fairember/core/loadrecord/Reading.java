package fairember.core.loadrecord;

/**
 * What a probe read.
 *
 * @param atS seconds since the load went in; before that less than 0
 * @param c °C
 */
public record Reading(double atS, double c) {}
