package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import fairember.core.shape.Block;
import fairember.core.shape.Box;
import fairember.core.shape.Facing;
import java.util.List;
import org.testng.annotations.Test;

public class DesignMeasuringTest {
    /** Body: ball 40 on a shell of 5, density 2: (40³ − 30³)·π/6·2/1000 = 38.746 g. Eyes: 2·π·6²·6/4·2/1000 = 0.679 g. */
    @Test
    public void theSealWeighsItsShellItsFoilAndItsFindings() {
        MeasuredDesign seal = Samples.measured(Samples.seal());
        assertThat(seal.clay().g()).isCloseTo(38.746 + 0.679, within(0.001));
        assertThat(seal.foil().g()).isCloseTo(Math.PI * 27_000 / 6 * 0.5 / 1000, within(1e-6));
        assertThat(seal.claySaved().g()).isCloseTo(Math.PI * 27_000 / 6 * 2 / 1000, within(1e-6));
        assertThat(seal.weight().g()).isCloseTo(seal.clay().g() + seal.foil().g() + 0.5, within(1e-9));
    }

    @Test
    public void looseEyesAreBakedOneByOneAndTheWholeSealAsOne() {
        MeasuredDesign seal = Samples.measured(Samples.seal());
        MeasuredStage eyes = seal.stages().get(0);
        assertThat(eyes.unitsEach()).isEqualTo(2);
        assertThat(eyes.unit()).isEqualTo(new Box(new Length(6), new Length(6), new Length(6)));
        assertThat(eyes.need().bakingTime().min()).isEqualTo(10);
        MeasuredStage whole = seal.stages().get(1);
        assertThat(whole.unitsEach()).isEqualTo(1);
        // The eyes are thicker (6) than the shell (5): 15·6/6.
        assertThat(whole.need().bakingTime().min()).isEqualTo(15);
        assertThat(whole.unit().height().mm()).isEqualTo(40);
    }

    private static Part placed(Placement placement, int count) {
        return new Part(
                "Fin",
                new Block(new Length(4), new Length(2), new Length(20)),
                count,
                1,
                BuildPoint.START,
                0,
                null,
                null,
                placement);
    }

    private static Design of(Pose pose, Part... parts) {
        List<Stage> stages = List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(20)));
        return new Design(
                1,
                "Fin",
                "",
                DesignKind.CHARM,
                pose,
                List.of(parts),
                stages,
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
    }

    @Test
    public void theBoxFollowsPlaceTiltAndArrangement() {
        Part pair = placed(new Placement(30, 5, 0, 0, Arrangement.MIRRORED, Facing.UP), 2);
        assertThat(Samples.measured(of(Pose.STANDS, pair)).box())
                .isEqualTo(new Box(new Length(64), new Length(2), new Length(20)));
        Part laid = placed(new Placement(0, 0, 0, 90, Arrangement.MIRRORED, Facing.UP), 1);
        Box flat = Samples.measured(of(Pose.STANDS, laid)).box();
        assertThat(flat.width().mm()).isCloseTo(20, within(1e-9));
        assertThat(flat.height().mm()).isCloseTo(4, within(1e-9));
        Part ring = placed(new Placement(30, 0, 0, 0, Arrangement.RING, Facing.UP), 4);
        Box round = Samples.measured(of(Pose.STANDS, ring)).box();
        assertThat(round.width().mm()).isCloseTo(64, within(1e-9));
        assertThat(round.depth().mm()).isCloseTo(62, within(1e-9));
        MeasuredDesign lying = Samples.measured(of(Pose.LIES, pair));
        assertThat(lying.stages().get(0).unit().height().mm()).isEqualTo(2);
    }

    @Test
    public void whatDoesNotGoTogetherIsRefusedAtItsPlace() {
        assertThat(Refusals.of(() -> of(Pose.STANDS)))
                .extracting(InputError::field)
                .containsExactly("parts");
        Part lateStage =
                new Part("Fin", new Ball(new Length(9)), 1, 1, new BuildPoint(0, 3), 0, null, null, Placement.MIDDLE);
        assertThat(Refusals.of(() -> of(Pose.STANDS, lateStage)))
                .extracting(InputError::field)
                .containsExactly("parts[0].bake");
        Part noMix = new Part("Fin", new Ball(new Length(9)), 1, 99, BuildPoint.START, 0, null, null, Placement.MIDDLE);
        assertThat(Refusals.of(() -> Samples.measured(of(Pose.STANDS, noMix))))
                .extracting(InputError::field)
                .containsExactly("parts[0].mixId");
        Part thick = Samples.part("Fin", new Ball(new Length(9)), 1, Samples.CHALK, 0, 4.5);
        assertThat(Refusals.of(() -> Samples.measured(of(Pose.STANDS, thick))))
                .extracting(InputError::field)
                .containsExactly("parts[0].core.shellMm");
    }
}
