package fairember.core.ovenload;

import fairember.core.input.Span;
import java.util.List;

/**
 * Who shapes: how many tasks of the hands go on at once, and when.
 *
 * @param atOnce 1 to 20, or 0 when there is no limit
 * @param hours when somebody is there; empty when there always is
 * @param breaks whether a task may stop at closing and go on at the next opening
 */
public record Makers(int atOnce, List<Stretch> hours, boolean breaks) {
    public static final Span AT_ONCE = Span.count("atOnce", "jobs in hand at once", 0, 20);

    /** One pair of hands at any hour. */
    public static final Makers ONE = new Makers(1, List.of(), false);

    public Makers {
        AT_ONCE.check(atOnce);
        hours = List.copyOf(hours);
    }
}
