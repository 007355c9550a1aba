package fairember.core.design;

import fairember.core.covering.Covering;
import fairember.core.document.Default;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Share;

/**
 * What makes a part a layer over something: a skin, a jacket, a hood, a boot. Its shape and place follow from that.
 *
 * @param over what it covers, counted from 0; a part comes before it in the list
 * @param kind what that is
 * @param thick the layer, 0.3 to 20 mm
 * @param share of its surface, 1 to 100 %
 * @param from where it begins when it does not cover everything; it is drawn to the same share of the height
 */
public record Layer(
        int over,
        @Default("PART") Kind kind,
        Length thick,
        @Default("100") Share share,
        @Default("TOP") From from) {
    public static final Span THICK = Covering.THICK;
    public static final Span SHARE = Covering.SHARE;

    /** What a layer can cover. */
    public enum Kind {
        PART,
        /** Something that is not clay. */
        NON_CLAY,
        /** The covered length of an insert, with its foil. */
        INSERT,
        /** All parts of an assembly that stand before the layer in the list, as one form. */
        ASSEMBLY
    }

    /** A layer over a part. */
    public Layer(int over, Length thick, Share share, From from) {
        this(over, Kind.PART, thick, share, from);
    }

    /** Where a layer begins. */
    public enum From {
        TOP("from the top down"),
        FOOT("from the foot up");

        private final String label;

        From(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A layer that can be.
     *
     * @throws fairember.core.input.InvalidInputException when a measure is outside its span
     */
    public Layer {
        Gathering gathering = new Gathering();
        gathering.within(THICK, thick.mm());
        gathering.within(SHARE, share.percent());
        gathering.orRefuse();
    }

    /** Where it begins and ends on a solid of some height, mm above its base: the lower end, then the upper. */
    public double[] reach(Length high) {
        double h = high.mm();
        return from == From.TOP ? new double[] {h * (1 - share.of1()), h} : new double[] {0, h * share.of1()};
    }

    Layer times(double factor) {
        double thicker = Math.max(THICK.low(), Math.min(THICK.high(), thick.mm() * factor));
        return new Layer(over, kind, new Length(thicker), share, from);
    }
}
