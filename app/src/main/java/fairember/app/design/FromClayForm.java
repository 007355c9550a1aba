package fairember.app.design;

import fairember.core.design.ClayFitting;
import fairember.core.design.Design;
import fairember.core.input.Span;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.stock.BlockSize;
import org.jspecify.annotations.Nullable;

/**
 * How much clay one copy of a part is to take, given in one of four ways, and which of its dimensions is left free.
 *
 * @param part counted from 0
 * @param mass of clay
 * @param ball diameter of the ball that is rolled for it
 * @param block of which it is a share
 * @param pieces that the block is cut into
 * @param cord thickness of a cord
 * @param cordLength that is cut off it
 */
public record FromClayForm(
        Design design,
        int part,
        String dimension,
        @Nullable Mass mass,
        @Nullable Length ball,
        @Nullable Mass block,
        @Nullable Integer pieces,
        @Nullable Length cord,
        @Nullable Length cordLength) {
    static final Span MASS = ClayFitting.MASS;
    static final Span BALL = Span.of("ballMm", "ball", 1, 200, "mm");
    static final Span BLOCK = BlockSize.MASS.named("blockG");
    static final Span PIECES = Span.count("pieces", "pieces of a block", 1, 2000);
    static final Span CORD = Portioning.CORD;
    static final Span CORD_LENGTH = Span.of("cordLengthMm", "length of cord", 1, 5000, "mm");
}
