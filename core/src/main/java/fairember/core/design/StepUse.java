package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Share;
import org.jspecify.annotations.Nullable;

/**
 * What a step uses of a supply.
 *
 * @param supplyId number of the supply
 * @param coats of it on the surface, 0 to 12; 0 of what is not put on in coats
 * @param part whose surface it is put on, counted from 0; null for all parts
 * @param share of that surface
 * @param each what one piece takes besides, in the supply's unit
 * @param setup what is used once for a batch, in the supply's unit
 */
public record StepUse(
        @RefersTo("supply") long supplyId,
        @Default("0") int coats,
        @Nullable Integer part,
        @Default("100") Share share,
        @Default("0") double each,
        @Default("0") double setup) {
    public static final Span COATS = Span.count("coats", "coats", 0, 12);
    public static final Span SHARE = Span.of("sharePercent", "of the surface", 1, 100, "%");
    public static final Span EACH = Span.of("each", "for each piece", 0, 10_000, "");
    public static final Span SETUP = Span.of("setup", "once for a batch", 0, 10_000, "");

    public StepUse {
        Gathering g = new Gathering();
        g.within(COATS, (double) coats);
        g.within(SHARE, share.percent());
        g.within(EACH, each);
        g.within(SETUP, setup);
        g.orRefuse();
    }
}
