package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Facing;
import fairember.core.shape.ShapeKind;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How thick raw clay is together: the ball that fits into all of it, against sums by hand. */
public class OneLumpTest {
    private static Part part(
            String name, ShapeKind kind, List<Double> mm, @Nullable Double shell, int bake, Placement at) {
        Part made = Samples.part(name, kind.make(mm), 1, Samples.CHALK, bake, shell);
        return new Part(name, made.shape(), 1, made.mixId(), made.from(), 0, made.core(), null, at);
    }

    private static Placement at(double across, double up) {
        return new Placement(across, up, 0, 0, Arrangement.MIRRORED, Facing.UP);
    }

    private static Placement turned(double up, double tilt, Facing facing) {
        return new Placement(0, up, 0, tilt, Arrangement.MIRRORED, facing);
    }

    private static MeasuredDesign of(int bakes, Part... parts) {
        List<Stage> stages = IntStream.range(0, bakes)
                .mapToObj(i -> new Stage("bake " + i, StageKind.FULL_BAKE, new Minutes(20)))
                .toList();
        return Samples.measured(new Design(
                1,
                "It",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(parts),
                stages,
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null));
    }

    @DataProvider
    public Object[][] pairs() {
        Part slab = part("Slab", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 0, at(0, 0));
        Part ball = part("Ball", ShapeKind.BALL, List.of(12.0), null, 0, at(0, 0));
        return new Object[][] {
            // Two slabs of 9 lying on each other.
            {slab, part("Upper", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 0, at(0, 9)), 18.0},
            // The upper one leans on a corner: only its edge touches.
            {slab, part("Beside", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 0, at(61, 0)), 9.0},
            // Two balls that touch at a point are as thick as the larger.
            {ball, part("Small", ShapeKind.BALL, List.of(8.0), null, 0, at(0, 12)), 12.0},
            // A ball pressed into a larger one stays as thick as that.
            {ball, part("Pressed", ShapeKind.BALL, List.of(6.0), null, 0, at(0, 9)), 12.0},
            // Two equal rods end to end are no thicker than one: 10 across, 8 long becomes 10.
            {
                part("Lower", ShapeKind.ROD, List.of(10.0, 8.0), null, 0, at(0, 0)),
                part("Upper", ShapeKind.ROD, List.of(10.0, 8.0), null, 0, at(0, 8)),
                10.0
            },
            // Half balls of radius 8 base on base make a ball of 16.
            {
                part("Dome", ShapeKind.DOME, List.of(16.0), null, 0, at(0, 8)),
                part("Bowl", ShapeKind.DOME, List.of(16.0), null, 0, turned(0, 0, Facing.DOWN)),
                16.0
            },
            // The same two lying on their sides, leaning.
            {
                part("Slab", ShapeKind.BLOCK, List.of(40.0, 30.0, 8.0), null, 0, turned(0, 30, Facing.UP)),
                part(
                        "On it",
                        ShapeKind.BLOCK,
                        List.of(40.0, 30.0, 8.0),
                        null,
                        0,
                        new Placement(
                                8 * Math.sin(Math.toRadians(30)),
                                8 * Math.cos(Math.toRadians(30)),
                                0,
                                30,
                                Arrangement.MIRRORED,
                                Facing.UP)),
                16.0
            },
        };
    }

    /** Within the stated error of the grid, which is a twentieth at most. */
    @Test(dataProvider = "pairs")
    public void rawClayThatIsJoinedIsAsThickAsTheBallThatFitsIn(Part one, Part other, double thickest) {
        MeasuredStage stage = of(1, one, other).stages().get(0);
        double found = stage.need().thickest().mm();
        OneLump lump = stage.lump();
        double error = lump == null ? 1e-9 : lump.within().mm();
        assertThat(error).isLessThanOrEqualTo(thickest / 20);
        assertThat(found).isBetween(thickest - error, thickest + error);
        assertThat(of(1, other, one).stages().get(0).need().thickest().mm())
                .isBetween(thickest - error, thickest + error);
    }

    @Test
    public void clayThatIsCuredAndFoilAreNoPartOfIt() {
        Part lower = part("Lower", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 0, at(0, 0));
        Part upper = part("Upper", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 1, at(0, 9));
        MeasuredDesign staged = of(2, lower, upper);
        assertThat(staged.stages()).extracting(s -> s.need().thickest().mm()).containsExactly(9.0, 9.0);
        assertThat(rules(staged)).doesNotContain("lump-thick");
        assertThat(rules(of(1, lower, part("Upper", ShapeKind.BLOCK, List.of(60.0, 40.0, 9.0), null, 0, at(0, 9)))))
                .contains("lump-thick");
        // On a cored ball with a shell of 5 sits one of 6: pressed in by 5, it makes the place 8.5 or so, never the
        // ball's 40.
        MeasuredDesign cored = of(
                1,
                part("Body", ShapeKind.BALL, List.of(40.0), 5.0, 0, at(0, 0)),
                part("Nose", ShapeKind.BALL, List.of(9.0), null, 0, at(0, 35)));
        assertThat(cored.stages().get(0).need().thickest().mm()).isBetween(9.0, 10.5);
    }

    private static List<String> rules(MeasuredDesign design) {
        return design.advice().stream().map(Advice::rule).toList();
    }
}
