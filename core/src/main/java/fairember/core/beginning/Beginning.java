package fairember.core.beginning;

import fairember.core.batch.Batch;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.colour.Srgb;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.design.DesignTemplates;
import fairember.core.document.Default;
import fairember.core.input.Figures;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.Mix;
import fairember.core.mix.MixRecipe;
import fairember.core.mix.MixUnit;
import fairember.core.quantity.Length;
import java.time.LocalDate;
import java.util.List;

/**
 * The few things a first plan needs: what is made, how high, of what colour, how many, by when.
 *
 * @param kind what is made
 * @param height of one
 * @param colour of the plain clay
 * @param packet that the clay is taken to have
 * @param quantity to make, 1 to 2000
 * @param dueOn by when
 */
public record Beginning(
        DesignKind kind,
        Length height,
        Srgb colour,
        @Default("FIRM") ReadyPacket packet,
        int quantity,
        LocalDate dueOn) {
    public static final Span HEIGHT = DesignScaling.HEIGHT;
    public static final Span QUANTITY = Job.QUANTITY;
    /** What the clay and its mix are called at first. */
    public static final String PLAIN = "Plain clay";
    /** A pale clay that shows its shape. */
    public static final Srgb PALE = Srgb.parse("colour", "#d9d2c0");

    /**
     * A beginning within the ranges.
     *
     * @throws InvalidInputException with everything that is outside them
     */
    public Beginning {
        Gathering gathering = new Gathering();
        gathering.within(HEIGHT, height.mm());
        gathering.within(QUANTITY, (double) quantity);
        gathering.orRefuse();
    }

    /** How high a design of a kind is before anybody has said. */
    public static Length usualHeight(DesignKind kind) {
        return DesignScaling.heightOf(DesignTemplates.of(kind, 1));
    }

    /**
     * The design, of a mix, not kept yet, in whole tenths of a millimetre.
     *
     * @throws InvalidInputException on "heightMm" when some part of it cannot be made so small or so large
     */
    public Design design(long mixId) {
        try {
            return DesignScaling.inTenths(DesignScaling.toHeight(DesignTemplates.of(kind, mixId), height)
                    .design());
        } catch (InvalidInputException impossible) {
            boolean small = height.mm() < usualHeight(kind).mm();
            throw new InvalidInputException(
                    "heightMm",
                    Figures.show(height.mm(), "mm"),
                    "a height at which every part can be made",
                    small
                            ? "Make the piece taller, or choose another kind."
                            : "Make the piece shorter, or choose another kind.");
        }
    }

    /** The mix of nothing but the plain clay, not kept yet. */
    public static MixRecipe mix(long clayId) {
        return new MixRecipe(
                0, PLAIN, List.of(new MixRecipe.RecipeLine(clayId, null, 1)), MixUnit.PARTS, List.of(), false);
    }

    /** That mix as it is used, before anything is kept: under no number, so that nothing was learned of it. */
    public Mix plain() {
        return new Mix(
                0,
                PLAIN,
                List.of(Mix.Ingredient.of(packet.clay(PLAIN, 0, colour).of(packet.range()), 1)));
    }

    /** The batch of so many, on the bench from today. */
    public Batch batch(String name, long designId, LocalDate today) {
        return new Batch(
                0,
                name,
                BatchState.ON_BENCH,
                today,
                dueOn.isBefore(today) ? today : dueOn,
                List.of(new Batch.BatchLine(designId, quantity)));
    }
}
