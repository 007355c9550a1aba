package fairember.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A photo is made of a card and a tile under some light, and the tile's colour is read off it again. */
public class TileReadingTest {
    private static final Spot CARD = new Spot(0.25, 0.5);
    private static final Spot TILE = new Spot(0.75, 0.5);

    private static final TileReading.OnCard ONCE = new TileReading.OnCard(CARD, Optional.empty());

    /** What a camera would take of something: its light times the lamp's, with noise, glare and dust. */
    private static BufferedImage photo(double[] card, Srgb tile, double[] lamp, SplittableRandom random) {
        return photo(card, tile, lamp, 0, random);
    }

    /** The same with light that gets stronger from left to right, by so much over the picture; the tile lies across the card. */
    private static BufferedImage photo(
            double[] card, Srgb tile, double[] lamp, double stronger, SplittableRandom random) {
        BufferedImage picture = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 300; x++) {
            for (int y = 0; y < 200; y++) {
                double[] of = x < 150 || stronger != 0 && x > 270
                        ? card
                        : new double[] {Srgb.light(tile.red()), Srgb.light(tile.green()), Srgb.light(tile.blue())};
                double noise = (1 + 0.03 * (random.nextDouble() - 0.5)) * Math.exp(stronger * (x / 300.0 - 0.5));
                double glare = random.nextInt(50) == 0 ? 1.6 : 1;
                Srgb seen = Srgb.ofLight(
                        of[0] * lamp[0] * noise * glare,
                        of[1] * lamp[1] * noise * glare,
                        of[2] * lamp[2] * noise * glare);
                picture.setRGB(x, y, seen.red() << 16 | seen.green() << 8 | seen.blue());
            }
        }
        return picture;
    }

    private static double[] grey(double reflects) {
        return new double[] {reflects, reflects, reflects};
    }

    @DataProvider
    public Object[][] lamps() {
        return IntStream.range(0, 16).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "lamps")
    public void theColourIsFoundUnderAnyLampThatIsNotTooOdd(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] lamp = {random.nextDouble(0.45, 0.75), random.nextDouble(0.44, 0.75), random.nextDouble(0.43, 0.75)};
        Srgb tile = new Srgb(random.nextInt(40, 225), random.nextInt(40, 225), random.nextInt(40, 225));
        Card card = seed % 2 == 0 ? Card.GREY : Card.WHITE;
        // A card of its own kind: a worn grey one, a paper that is not quite white.
        double reflects = card.reflects() * random.nextDouble(0.8, 1.05);
        ReadTile read = TileReading.read(photo(grey(reflects), tile, lamp, random), ONCE, TILE, card, reflects);
        assertThat(ColourDifference.of(Lab.of(tile), Lab.of(read.colour())).total())
                .as("%s under %.2f %.2f %.2f", tile.hex(), lamp[0], lamp[1], lamp[2])
                .isLessThan(1.2);
        double most = Math.max(lamp[0], Math.max(lamp[1], lamp[2]));
        double least = Math.min(lamp[0], Math.min(lamp[1], lamp[2]));
        assertThat(read.cast()).isBetween(0.97 * most / least, 1.03 * most / least);
    }

    /** Light that falls off across the card is noticed, and a second place on the card takes it out. */
    @Test(dataProvider = "lamps")
    public void lightThatIsTiltedIsNoticedAndASecondTapTakesItOut(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] lamp = {0.6, 0.6, 0.55};
        Srgb tile = new Srgb(random.nextInt(40, 200), random.nextInt(40, 200), random.nextInt(40, 200));
        double stronger = (seed % 2 == 0 ? 1 : -1) * random.nextDouble(0.15, 0.4);
        BufferedImage picture = photo(grey(0.18), tile, lamp, stronger, random);
        ReadTile once = TileReading.read(picture, ONCE, TILE, Card.GREY, 0.18);
        assertThat(Math.log(once.tilt())).isCloseTo(stronger / 2, within(0.05));
        TileReading.OnCard twice = new TileReading.OnCard(CARD, Optional.of(new Spot(0.95, 0.5)));
        ReadTile read = TileReading.read(picture, twice, TILE, Card.GREY, 0.18);
        assertThat(ColourDifference.of(Lab.of(tile), Lab.of(read.colour())).total())
                .isLessThan(1.2)
                .isLessThan(
                        ColourDifference.of(Lab.of(tile), Lab.of(once.colour())).total());
        ReadTile even = TileReading.read(photo(grey(0.18), tile, lamp, random), ONCE, TILE, Card.GREY, 0.18);
        assertThat(even.tilt()).isCloseTo(1, within(0.04));
    }

    @Test
    public void whatIsNoCardAndWhatIsNoTileIsRefusedWithWhatToDo() {
        SplittableRandom random = new SplittableRandom(1);
        double[] even = {0.9, 0.9, 0.9};
        Srgb tile = new Srgb(90, 120, 140);
        BufferedImage good = photo(grey(0.18), tile, even, random);
        assertThat(refused(photo(new double[] {0.5, 0.1, 0.05}, tile, even, random), CARD))
                .isEqualTo("onCard a spot that is coloured");
        assertThat(refused(photo(grey(0.004), tile, even, random), CARD))
                .isEqualTo("onCard a spot that is nearly black");
        assertThat(refused(photo(grey(1.4), tile, even, random), CARD)).isEqualTo("onCard a spot that is overexposed");
        assertThat(refused(good, new Spot(0.5, 0.5))).startsWith("onCard a spot that is uneven");
        // Wood or brown paper, under a neutral light.
        assertThat(refused(photo(new double[] {0.102, 0.08, 0.045}, tile, even, random), CARD))
                .isEqualTo("onCard a spot that is coloured");
        for (Spot again : new Spot[] {new Spot(0.26, 0.5), TILE}) {
            assertThat(Refusals.of(() -> TileReading.read(
                            good, new TileReading.OnCard(CARD, Optional.of(again)), TILE, Card.GREY, 0.18)))
                    .extracting(w -> w.field())
                    .containsExactly("againOnCard");
        }
        // A white tile beside a grey card that lies in the shade would be lighter than white.
        assertThat(refused(photo(grey(0.12), new Srgb(240, 240, 240), even, random), CARD))
                .isEqualTo("onTile a spot lighter than the card allows");
        assertThat(Refusals.of(() -> new Spot(1.2, Double.NaN)))
                .extracting(w -> w.field())
                .containsExactly("across", "down");
    }

    private static String refused(BufferedImage picture, Spot card) {
        var error = Refusals.of(() -> TileReading.read(
                        picture, new TileReading.OnCard(card, Optional.empty()), TILE, Card.GREY, 0.18))
                .get(0);
        assertThat(error.fix()).isNotEmpty();
        return error.field() + " " + error.found();
    }
}
