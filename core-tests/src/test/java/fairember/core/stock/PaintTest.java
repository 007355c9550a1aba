package fairember.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import fairember.core.colour.Opacity;
import fairember.core.colour.Srgb;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** Paints: what they are mixed of, what that costs, and how their coats hide what is below. */
public class PaintTest {
    private static final Supply WHITE = paint(1, "#f5f4ee", Opacity.OPAQUE, List.of(), 0);
    private static final Supply RED = paint(2, "#a8201a", Opacity.OPAQUE, List.of(), 0);
    private static final Supply YELLOW = paint(3, "#f2c230", Opacity.HALF, List.of(), 0);
    private static final Supply MEDIUM = paint(4, null, Opacity.OPAQUE, List.of(), 0);
    private static final Map<Long, Supply> SHELF = Map.of(1L, WHITE, 2L, RED, 3L, YELLOW, 4L, MEDIUM);
    private static final Srgb SLATE = Srgb.parse("hex", "#3f4a50");

    private static Supply paint(
            long id, @Nullable String hex, Opacity opacity, List<Supply.PaintPart> parts, double water) {
        return new Supply(
                id,
                "Paint " + id,
                SupplyKind.PAINT,
                id == 2 ? SupplyUnit.DROP : SupplyUnit.ML,
                60,
                new Money(100 * id),
                0,
                0,
                8,
                new Minutes(20),
                Share.ofPercent(30),
                true,
                0,
                hex == null ? null : Srgb.parse("hex", hex),
                opacity,
                parts,
                water,
                List.of());
    }

    private static Paint mixed(double water, Supply.PaintPart... parts) {
        return Paint.of(paint(9, null, Opacity.OPAQUE, List.of(parts), water), SHELF::get);
    }

    private static Supply.PaintPart part(long id, double parts) {
        return new Supply.PaintPart(id, parts);
    }

    /** Of 8 ml: three quarters white are 6 ml; a quarter red is 2 ml, 40 drops. 6/60 of 1.00 and 40/60 of 2.00 are 1.43. */
    @Test
    public void aMixedPaintComesDownToItsPaints() {
        Paint rose = mixed(0, part(1, 3), part(2, 1));
        assertThat(rose.madeOf()).extracting(share -> rose.of(share, 8)).containsExactly(6.0, 40.0);
        assertThat(rose.minor(8)).isCloseTo(10 + 133.333, within(0.001));
        // Half of it water: half as much paint.
        Paint thin = mixed(4, part(1, 3), part(2, 1));
        assertThat(thin.waterShare()).isCloseTo(0.5, within(1e-12));
        assertThat(thin.minor(8)).isCloseTo(rose.minor(8) / 2, within(1e-9));
        assertThat(thin.thick()).isEqualTo(rose.thick());
    }

    @Test
    public void itsColourLiesBetweenThoseOfItsPaintsAndAClearMediumChangesNothing() {
        double red = Lab.of(mixed(0, part(2, 1)).thick().orElseThrow()).l();
        double last = red;
        for (int white = 1; white <= 12; white++) {
            double light = Lab.of(mixed(0, part(1, white), part(2, 1)).thick().orElseThrow())
                    .l();
            assertThat(light)
                    .isGreaterThan(last)
                    .isLessThan(Lab.of(WHITE.colour()).l());
            last = light;
        }
        assertThat(mixed(0, part(2, 1), part(4, 2)).thick()).contains(RED.colour());
        assertThat(mixed(0, part(4, 1)).thick()).isEmpty();
        assertThat(mixed(0, part(4, 1)).hides(SLATE)).isEmpty();
    }

    /** More coats always come nearer to the thick colour; thinner, paler or half opaque paint needs more of them. */
    @Test
    public void everyCoatHidesMore() {
        RandomGenerator random = new SplittableRandom(11);
        for (int run = 0; run < 40; run++) {
            Srgb below = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
            Paint paint = Paint.of(random.nextBoolean() ? YELLOW : WHITE, SHELF::get);
            double last = ColourDifference.of(
                            Lab.of(below), Lab.of(paint.thick().orElseThrow()))
                    .total();
            for (int coats = 1; coats <= Paint.MOST_COATS; coats++) {
                double shows = paint.showsThrough(below, coats);
                assertThat(shows).isLessThanOrEqualTo(last + 0.3);
                last = shows;
            }
        }
        int white = Paint.of(WHITE, SHELF::get).hides(SLATE).orElseThrow();
        assertThat(white).isBetween(2, 6);
        assertThat(mixed(1, part(1, 1)).hides(SLATE).orElseThrow()).isGreaterThan(white);
        assertThat(Paint.of(RED, SHELF::get).hides(SLATE).orElseThrow()).isLessThanOrEqualTo(white);
        assertThat(Paint.of(WHITE, SHELF::get).over(SLATE, 0)).isEqualTo(SLATE);
    }

    @Test
    public void onlyPaintsOfTheShelfThatAreNotMixedThemselvesGoIn() {
        Supply inner = paint(5, null, Opacity.OPAQUE, List.of(part(1, 1)), 0);
        assertThat(Refusals.of(() -> Paint.of(paint(6, null, Opacity.OPAQUE, List.of(part(5, 1)), 0), id -> inner)))
                .extracting(error -> error.field())
                .containsExactly("parts[0].supplyId");
        assertThat(Refusals.of(() -> mixed(0, part(8, 1))))
                .extracting(error -> error.found())
                .containsExactly("no supply");
        assertThat(Refusals.of(() -> paint(7, null, Opacity.OPAQUE, List.of(part(1, 1), part(1, 2)), 0)))
                .extracting(error -> error.found())
                .containsExactly("a paint twice");
    }
}
