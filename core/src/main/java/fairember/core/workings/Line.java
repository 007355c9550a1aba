package fairember.core.workings;

/**
 * One step of a sum.
 *
 * @param symbol the letter that stands for it in later formulas, unique within its workings
 * @param label what it is, in words
 * @param value the number, in {@code unit}
 * @param unit the unit as it is written, empty for a bare number
 * @param source where a given value came from; {@link Source#WORKED} when there is a formula
 * @param formula the sum over the symbols above it, such as "π·d³/6"; empty for a given value
 */
public record Line(String symbol, String label, double value, String unit, Source source, String formula) {}
