package fairember.core.photo;

import fairember.core.colour.Srgb;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * Reads a colour off a photo. The card beside the tile says what the light was: each channel is multiplied so that the card comes
 * out grey and as light as it is known to be (the coefficient rule of J. von Kries, 1902, in linear sRGB).
 *
 * <pre>colour = tile light · card reflectance / card light      (each of red, green, blue)</pre>
 */
public final class TileReading {
    /** Glare on less than this is left out with the lightest tenth. */
    private static final double MOST_BURNT = 0.08;

    private static final double LEAST_LIGHT = 0.01;
    private static final double MOST_UNEVEN_TILE = 0.4;
    /** A camera that is set to the light leaves less of a cast than this; wood and paper have more. */
    private static final double MOST_CAST = 1.8;

    private static final double MOST_TILT = 1.5;
    private static final double LEAST_APART = 0.05;
    private static final double MOST_LIGHT = 1.1;

    private TileReading() {}

    /** Where the card was tapped: once, or twice where the light is not the same all over. */
    public record OnCard(Spot one, Optional<Spot> other) {}

    /**
     * The colour of the tile.
     *
     * <pre>
     * with two places on the card: light at the tile = light₁^(1 − t)·light₂^t
     * t = where the tile is along the line from the one to the other, held to −1 to 2
     * </pre>
     *
     * @param picture upright, at least 7 × 7 points
     * @param onCard one place on the card, or two
     * @param onTile a place on the tile
     * @param card what lies there
     * @param reflects the share of the light it gives back, 0.03 to 0.98
     * @throws InvalidInputException on "onCard" or "againOnCard" when there is no grey or white card there, or it is burnt out or too dark; on
     *     "onTile" when the place is not of one colour, or lighter than the card allows
     */
    public static ReadTile read(BufferedImage picture, OnCard onCard, Spot onTile, Card card, double reflects) {
        PhotoPatch grey = PhotoPatch.of(picture, onCard.one());
        checkCard("onCard", grey, card);
        double[] light = {grey.red(), grey.green(), grey.blue()};
        double tilt = CardLight.around(picture, onCard.one()).times(onCard.one(), onTile);
        if (onCard.other().isPresent()) {
            PhotoPatch again = PhotoPatch.of(picture, onCard.other().get());
            checkCard("againOnCard", again, card);
            checkSame(grey, again);
            double t = along(picture, onCard.one(), onCard.other().get(), onTile);
            double[] other = {again.red(), again.green(), again.blue()};
            for (int i = 0; i < light.length; i++) {
                light[i] *= Math.pow(other[i] / light[i], t);
            }
            tilt = 1;
        }
        PhotoPatch tile = PhotoPatch.of(picture, onTile);
        double red = reflects / light[0];
        double green = reflects / light[1];
        double blue = reflects / light[2];
        checkTile(tile, Math.max(tile.red() * red, Math.max(tile.green() * green, tile.blue() * blue)));
        return new ReadTile(
                Srgb.ofLight(tile.red() * red, tile.green() * green, tile.blue() * blue),
                Srgb.ofLight(tile.red(), tile.green(), tile.blue()),
                red,
                green,
                blue,
                tile.uneven(),
                tilt);
    }

    /** Where a place is along the line from one to another, in points of the picture; 0 at the one, 1 at the other. */
    private static double along(BufferedImage picture, Spot one, Spot other, Spot place) {
        double dx = (other.across() - one.across()) * picture.getWidth();
        double dy = (other.down() - one.down()) * picture.getHeight();
        double far = dx * dx + dy * dy;
        if (far < LEAST_APART * LEAST_APART * picture.getWidth() * picture.getHeight()) {
            throw new InvalidInputException(
                    "againOnCard",
                    "two spots on the card that nearly coincide",
                    "spots at least a twentieth of the photo apart",
                    "Tap the card at its other end, ideally with the tile between the two spots.");
        }
        double px = (place.across() - one.across()) * picture.getWidth();
        double py = (place.down() - one.down()) * picture.getHeight();
        return Math.max(-1, Math.min(2, (px * dx + py * dy) / far));
    }

    private static void checkSame(PhotoPatch one, PhotoPatch other) {
        double times = one.luminance() / other.luminance();
        if (Math.max(times, 1 / times) > MOST_TILT) {
            throw new InvalidInputException(
                    "againOnCard",
                    "a spot " + Figures.show(Math.round(10 * Math.max(times, 1 / times)) / 10.0, "times")
                            + " lighter or darker than the first",
                    "the same card in light that changes by up to half",
                    "Tap the same card again. If you already did, take the photo in more even light.");
        }
    }

    private static void checkCard(String field, PhotoPatch grey, Card card) {
        double least = Math.min(grey.red(), Math.min(grey.green(), grey.blue()));
        double most = Math.max(grey.red(), Math.max(grey.green(), grey.blue()));
        if (grey.burnt() > MOST_BURNT) {
            throw card(field, "overexposed", "Take a darker photo, or one out of the sun, and tap the card again.");
        }
        if (least < LEAST_LIGHT) {
            throw card(
                    field, "nearly black", "Tap the " + card.label() + ". If you already did, take a lighter photo.");
        }
        if (grey.uneven() > PhotoPatch.MOST_UNEVEN_CARD) {
            throw card(
                    field,
                    "uneven by " + Figures.show(100 * grey.uneven(), "%"),
                    "Tap a plain part of the " + card.label() + ", away from edges and shadows.");
        }
        if (most / least > MOST_CAST) {
            throw card(
                    field,
                    "coloured",
                    "Tap the " + card.label()
                            + " itself. If you already did, set the camera to this light and take the photo again.");
        }
    }

    private static InvalidInputException card(String field, String found, String fix) {
        return new InvalidInputException(field, "a spot that is " + found, "an even grey or white card", fix);
    }

    private static void checkTile(PhotoPatch tile, double lightest) {
        if (tile.uneven() > MOST_UNEVEN_TILE) {
            throw new InvalidInputException(
                    "onTile",
                    "a spot uneven by " + Figures.show(100 * tile.uneven(), "%"),
                    "one colour",
                    "Tap the middle of the tile, away from its edge and from glare.");
        }
        if (lightest > MOST_LIGHT || tile.burnt() > MOST_BURNT) {
            throw new InvalidInputException(
                    "onTile",
                    "a spot lighter than the card allows",
                    "a tile in the same light as the card",
                    "Tap away from glare, or choose the card that is beside the tile.");
        }
    }
}
