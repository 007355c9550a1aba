package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.input.Span;
import fairember.core.quantity.Length;

/**
 * What a part sits on: its height follows from that, whenever the other is made larger or moved up.
 *
 * @param on the part it sits on, counted from 0; one before it in the list
 * @param pressed how deep it is pressed into the other's top, 0 to 100 mm
 */
public record Sits(int on, @Default("0") Length pressed) {
    public static final Span PRESSED = Span.of("pressedMm", "pressed in by", 0, 100, "mm");

    /**
     * A seat.
     *
     * @throws fairember.core.input.InvalidInputException when it is pressed in deeper than that
     */
    public Sits {
        PRESSED.check(pressed.mm());
    }

    /** The same, pressed in so many times as deep. */
    Sits times(double factor) {
        return new Sits(on, pressed.times(factor));
    }
}
