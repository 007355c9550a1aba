package fairember.core.photo;

import fairember.core.colour.Srgb;
import fairember.core.measure.Figures;
import fairember.core.measure.Refused;
import java.awt.image.BufferedImage;

/**
 * Reads a colour off a photo. The card beside the tile tells what the light was: each channel is multiplied so that the card comes
 * out grey and as light as it is known to be (the coefficient rule of J. von Kries, 1902, in linear sRGB).
 *
 * <pre>colour = tile light · card reflectance / card light      (each of red, green, blue)</pre>
 */
public final class TileReading {
    /** Glare on less than this is left out with the lightest tenth. */
    private static final double MOST_BURNT = 0.08;

    private static final double LEAST_LIGHT = 0.01;
    private static final double MOST_UNEVEN_CARD = 0.12;
    private static final double MOST_UNEVEN_TILE = 0.4;
    private static final double MOST_CAST = 3.5;
    private static final double MOST_LIGHT = 1.1;

    private TileReading() {}

    /**
     * The colour of the tile.
     *
     * @param picture upright, at least 7 × 7 points
     * @param onCard a place on the card
     * @param onTile a place on the tile
     * @throws Refused on "onCard" when there is no grey or white card there, or it is burnt out or too dark; on "onTile" when the
     *     place is not of one colour, or lighter than the card allows
     */
    public static ReadTile read(BufferedImage picture, Spot onCard, Spot onTile, Card card) {
        Patch grey = Patch.of(picture, onCard);
        checkCard(grey, card);
        Patch tile = Patch.of(picture, onTile);
        double red = card.reflects() / grey.red();
        double green = card.reflects() / grey.green();
        double blue = card.reflects() / grey.blue();
        checkTile(tile, Math.max(tile.red() * red, Math.max(tile.green() * green, tile.blue() * blue)));
        return new ReadTile(
                Srgb.ofLight(tile.red() * red, tile.green() * green, tile.blue() * blue),
                Srgb.ofLight(tile.red(), tile.green(), tile.blue()),
                red,
                green,
                blue,
                tile.uneven());
    }

    private static void checkCard(Patch grey, Card card) {
        double least = Math.min(grey.red(), Math.min(grey.green(), grey.blue()));
        double most = Math.max(grey.red(), Math.max(grey.green(), grey.blue()));
        if (grey.burnt() > MOST_BURNT) {
            throw card("burnt out", "Take the photo darker, or out of the sun, and tap the card again.");
        }
        if (least < LEAST_LIGHT) {
            throw card(
                    "nearly black",
                    "Tap the " + card.label() + "; if that is where you tapped, take the photo lighter.");
        }
        if (grey.uneven() > MOST_UNEVEN_CARD) {
            throw card(
                    "uneven by " + Figures.show(100 * grey.uneven(), "%"),
                    "Tap a plain place of the " + card.label() + ", away from edges and shadows.");
        }
        if (most / least > MOST_CAST) {
            throw card(
                    "coloured",
                    "Tap the " + card.label() + "; the photo needs one beside the tile, in the same light.");
        }
    }

    private static Refused card(String found, String mend) {
        return new Refused("onCard", "a place that is " + found, "an even grey or white card", mend);
    }

    private static void checkTile(Patch tile, double lightest) {
        if (tile.uneven() > MOST_UNEVEN_TILE) {
            throw new Refused(
                    "onTile",
                    "a place uneven by " + Figures.show(100 * tile.uneven(), "%"),
                    "one colour",
                    "Tap the middle of the tile, away from its edge and from glare.");
        }
        if (lightest > MOST_LIGHT || tile.burnt() > MOST_BURNT) {
            throw new Refused(
                    "onTile",
                    "a place lighter than the card allows",
                    "a tile in the same light as the card",
                    "Tap away from glare, or choose the card that lies beside the tile.");
        }
    }
}
