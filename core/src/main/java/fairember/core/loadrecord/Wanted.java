package fairember.core.loadrecord;

/**
 * What a load was to get.
 *
 * @param lowC where its window begins
 * @param highC where it ends: no piece takes more
 * @param setC temperature asked for
 * @param bakingMin minutes asked for
 * @param mostMin minutes that all of its pieces take
 */
public record Wanted(double lowC, double highC, double setC, double bakingMin, double mostMin) {}
