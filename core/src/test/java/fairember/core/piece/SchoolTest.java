package fairember.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import fairember.core.Samples;
import fairember.core.bake.BakeRules;
import fairember.core.bake.School;
import fairember.core.bake.StageKind;
import fairember.core.finding.Finding;
import fairember.core.heat.Cooling;
import fairember.core.measure.Minutes;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** The sample seal: eyes set first, then the whole; the studio holds 60 minutes long and sets for 10. */
public class SchoolTest {
    private static final BakeRules LONG = new BakeRules(School.LONG_HOLD, new Minutes(60), new Minutes(10));

    private static MeasuredPiece seal(@Nullable School own, BakeRules studio, StageKind... more) {
        Piece seal = Samples.seal();
        List<Stage> stages = new ArrayList<>(seal.stages());
        for (StageKind kind : more) {
            stages.add(new Stage("more " + stages.size(), kind, false, new Minutes(10), true));
        }
        Piece schooled = new Piece(
                seal.id(),
                seal.name(),
                seal.collection(),
                seal.kind(),
                seal.pose(),
                seal.parts(),
                stages,
                seal.steps(),
                seal.fittings(),
                seal.gate(),
                seal.armature(),
                seal.price(),
                own,
                null);
        return PieceMeasuring.measure(schooled, Samples.PALETTE, Samples.ROLL, studio);
    }

    private static List<Double> holds(MeasuredPiece piece) {
        return piece.stages().stream().map(s -> s.need().hold().min()).toList();
    }

    @Test
    public void aPieceIsBakedAsTheStudioBakesUnlessItHasASchoolOfItsOwn() {
        assertThat(holds(seal(null, LONG))).containsExactly(10.0, 60.0);
        assertThat(holds(seal(School.PACKET, LONG)).get(1)).isLessThan(60);
        assertThat(holds(seal(School.LONG_HOLD, Samples.PACKET)).get(1)).isEqualTo(60);
    }

    @Test
    public void inTheStagedSchoolOnlyTheLastCureIsFullAndPaintIsSetBriefly() {
        MeasuredPiece staged = seal(School.STAGED, LONG, StageKind.CURE, StageKind.PAINT);
        double full = holds(seal(School.PACKET, LONG)).get(1);
        assertThat(holds(staged)).containsExactly(10.0, 10.0, full, 10.0);
        assertThat(staged.stages().get(2).need().reason()).startsWith("Staged, one full cure by the packet");
        assertThat(staged.stages().get(3).need().reason()).contains("to set the paint");
    }

    @Test
    public void lightClayThatIsLongInTheHeatIsSaid() {
        MeasuredPiece often = seal(School.LONG_HOLD, LONG, StageKind.CURE, StageKind.CURE);
        assertThat(often.findings()).extracting(Finding::rule).contains("light-long");
        assertThat(seal(null, LONG).findings()).extracting(Finding::rule).doesNotContain("light-long");
    }

    @Test
    public void waterCoolsManyTimesAsFastAsTheAir() {
        MeasuredPiece seal = seal(null, LONG);
        double slow = PieceHeating.cooling(seal, 1, Cooling.Way.SLOW).min();
        double quenched = PieceHeating.cooling(seal, 1, Cooling.Way.QUENCH).min();
        assertThat(slow).isGreaterThan(4 * quenched);
        assertThat(slow).isBetween(5.0, 120.0);
        assertThat(quenched).isCloseTo(Math.rint(quenched * 12) / 12, offset(1e-9));
    }
}
