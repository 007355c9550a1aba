package fairember.core.printout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.design.Armature;
import fairember.core.design.Assembly;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.design.Part;
import fairember.core.design.Pose;
import fairember.core.design.RandomDesigns;
import fairember.core.design.Underlay;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Share;
import fairember.core.shape.Ball;
import fairember.core.shape.Rod;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** A design on paper is as large as the design, and lies over its picture as it does on the page. */
public class TrueSizeTest {
    private static List<Sheet.Path> outlines(Sheet sheet) {
        return sheet.marks().stream()
                .filter(Sheet.Path.class::isInstance)
                .map(Sheet.Path.class::cast)
                .toList();
    }

    /** Least and greatest of every second number of all outlines. */
    private static double[] reach(Sheet sheet, int from) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Sheet.Path path : outlines(sheet)) {
            for (int i = from; i < path.corners().size(); i += 2) {
                least = Math.min(least, path.corners().get(i));
                most = Math.max(most, path.corners().get(i));
            }
        }
        return new double[] {least, most};
    }

    @Test
    public void everyDesignIsAsLargeOnPaperAsItIs() {
        SplittableRandom random = new SplittableRandom(7);
        int larger = 0;
        for (int trial = 0; trial < 40; trial++) {
            Design design = RandomDesigns.of(random);
            double high = DesignScaling.heightOf(design).mm();
            Sheet sheet = TrueSize.of(design, Underlay.Side.FRONT);
            double[] across = reach(sheet, 0);
            double[] down = reach(sheet, 1);
            // What winds is drawn a little beyond its box, by less than its cord.
            assertThat(down[1] - down[0]).isCloseTo(high, within(1.5));
            assertThat(across[0]).isGreaterThan(10);
            assertThat(across[1]).isLessThan(sheet.widthMm() - 10);
            assertThat(down[1]).isLessThan(sheet.heightMm() - 10);
            larger += sheet.widthMm() > 210 || sheet.heightMm() > 297 ? 1 : 0;
        }
        assertThat(larger).isBetween(1, 39);
    }

    private static Design drawnOver(Underlay... underlays) {
        Part ball = Samples.part("Ball", new Ball(new Length(20)), 1, Samples.CHALK, 0, null);
        Design plain = RandomDesigns.made(List.of(ball));
        return new Design(
                1,
                "Ball",
                "",
                DesignKind.CHARM,
                Pose.STANDS,
                plain.parts(),
                List.of(Assembly.WHOLE),
                plain.stages(),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null,
                null,
                null,
                List.of(underlays));
    }

    private static Underlay underlay(Underlay.Side side) {
        return new Underlay(5, side, new Length(60), new Length(80), 3, -10, Share.ofPercent(40), true);
    }

    /** The middle of the ball's foot is the design's place 0, 0: the picture lies round it as it was put. */
    @Test
    public void thePictureLiesUnderTheDesignAsItDoesOnThePage() {
        Sheet sheet = TrueSize.of(drawnOver(underlay(Underlay.Side.FRONT)), Underlay.Side.FRONT);
        double axis = (reach(sheet, 0)[0] + reach(sheet, 0)[1]) / 2;
        double ground = reach(sheet, 1)[1];
        Sheet.Picture picture = (Sheet.Picture) sheet.marks().get(0);
        assertThat(picture.id()).isEqualTo(5);
        assertThat(picture.acrossMm() + picture.wideMm() / 2 - axis).isCloseTo(3, within(1e-6));
        assertThat(picture.downMm() + picture.highMm() - ground).isCloseTo(10, within(1e-6));
        assertThat(picture.wideMm()).isEqualTo(60);
        assertThat(picture.strength()).isEqualTo(0.4);
        assertThat(TrueSize.of(drawnOver(underlay(Underlay.Side.FRONT)), Underlay.Side.SIDE)
                        .marks())
                .noneMatch(Sheet.Picture.class::isInstance);
    }

    @Test
    public void fromTheSideItIsAsDeepAsItIs() {
        Part rod = Samples.part("Rod", new Rod(new Length(12), new Length(50)), 1, Samples.CHALK, 0, null);
        Sheet sheet = TrueSize.of(RandomDesigns.made(List.of(rod)), Underlay.Side.SIDE);
        assertThat(reach(sheet, 0)[1] - reach(sheet, 0)[0]).isCloseTo(12, within(0.05));
        assertThat(reach(sheet, 1)[1] - reach(sheet, 1)[0]).isCloseTo(50, within(0.05));
    }

    @Test
    public void whatIsLargerHasLargerPaperAndTwoPicturesOnOneSideAreRefused() {
        Part rod = Samples.part("Rod", new Rod(new Length(30), new Length(300)), 1, Samples.CHALK, 0, null);
        Sheet sheet = TrueSize.of(RandomDesigns.made(List.of(rod)), Underlay.Side.FRONT);
        assertThat(sheet.heightMm()).isGreaterThan(297 + 40);
        assertThat(((Sheet.Text) sheet.marks().get(0)).words()).contains("on paper of 210 × 346 mm");
        assertThatThrownBy(() -> drawnOver(underlay(Underlay.Side.SIDE), underlay(Underlay.Side.SIDE)))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new Underlay(
                        1, Underlay.Side.FRONT, new Length(0.1), new Length(9000), 3000, 0, Share.ofPercent(1), false))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        wrong -> assertThat(wrong.errors())
                                .extracting(error -> error.field())
                                .containsExactly("widthMm", "heightMm", "acrossMm", "strengthPercent"));
    }
}
