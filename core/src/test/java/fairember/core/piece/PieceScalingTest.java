package fairember.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.finding.Verdict;
import fairember.core.measure.Length;
import fairember.core.piece.PieceScaling.ScaledPiece;
import fairember.core.shape.Band;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PieceScalingTest {
    @DataProvider
    public Object[][] kinds() {
        return Stream.of(PieceKind.values())
                .map(kind -> new Object[] {PieceTemplates.of(kind, Samples.CHALK.id())})
                .toArray(Object[][]::new);
    }

    /** A template is a piece that can be made as it is: nothing breaks, and it has a bake and a gate. */
    @Test(dataProvider = "kinds")
    public void everyTemplateCanBeMadeAsItIs(Piece piece) {
        MeasuredPiece measured = Samples.measured(piece);
        assertThat(measured.findings()).noneMatch(finding -> finding.verdict() == Verdict.BREAKS);
        assertThat(measured.weight().g()).isBetween(1.0, 200.0);
        assertThat(piece.gateLines()).isNotEmpty();
        assertThat(piece.steps()).isNotEmpty();
    }

    @Test(dataProvider = "kinds")
    public void aPieceMadeToAHeightIsThatHighAndItsSolidsGrowByTheCube(Piece piece) {
        double high = Samples.measured(piece).box().height().mm();
        ScaledPiece scaled = PieceScaling.toHeight(piece, new Length(1.5 * high));
        assertThat(scaled.factor()).isCloseTo(1.5, within(1e-9));
        assertThat(Samples.measured(scaled.piece()).box().height().mm()).isCloseTo(1.5 * high, within(0.1));
        for (int i = 0; i < piece.parts().size(); i++) {
            Part before = piece.parts().get(i);
            Part after = scaled.piece().parts().get(i);
            if (!(before.solid() instanceof Band)) {
                double times =
                        after.solid().volume().mm3() / before.solid().volume().mm3();
                assertThat(times).isCloseTo(3.375, within(0.004));
            }
            assertThat(after.placement().upMm())
                    .isCloseTo(1.5 * before.placement().upMm(), within(1e-9));
            assertThat(after.core()).isEqualTo(before.core());
        }
        ScaledPiece back = PieceScaling.whole(scaled.piece(), 1 / 1.5);
        assertThat(back.piece().parts().get(0).solid().volume().mm3())
                .isCloseTo(piece.parts().get(0).solid().volume().mm3(), within(1e-6));
    }

    @Test
    public void whatCannotScaleStaysAndIsNamed() {
        Piece topper = PieceTemplates.of(PieceKind.TOPPER, 1);
        ScaledPiece large = PieceScaling.whole(topper, 2);
        assertThat(large.stays()).anyMatch(line -> line.equals("Pencil stays 7.4 mm thick and 175 mm long"));
        Insert pencil = large.piece().armature().inserts().get(0);
        assertThat(pencil.across().mm()).isEqualTo(7.4);
        assertThat(pencil.covered().mm()).isEqualTo(36);
        Band socket = (Band) large.piece().parts().get(0).solid();
        assertThat(socket.around().mm()).isEqualTo(7.7);
        assertThat(socket.length().mm()).isEqualTo(36);
        Piece seal = Samples.seal();
        assertThat(PieceScaling.whole(seal, 2).stays())
                .contains("Eye pin stays as it is: a bought part", "Body keeps its shell of 5 mm");
        Piece doll = PieceTemplates.of(PieceKind.FIGURINE, 1);
        ScaledPiece tall = PieceScaling.whole(doll, 2);
        assertThat(tall.piece().armature().wires().get(0).gauge().mm()).isEqualTo(1);
        assertThat(tall.piece().armature().wires().get(0).length().mm()).isEqualTo(60);
    }

    @Test
    public void aCoreThatHasNoRoomLeftIsDroppedAndSaid() {
        ScaledPiece small = PieceScaling.whole(Samples.seal(), 0.2);
        assertThat(small.piece().parts().get(0).core()).isNull();
        assertThat(small.stays()).contains("Body becomes solid: a shell of 5 mm leaves no room for foil");
    }

    /** A body of 36 high half as high again: the head on it rises by 18; the arms at its side stay. */
    @Test
    public void onePartScalesAndWhatStandsOnItRises() {
        Piece doll = PieceTemplates.of(PieceKind.FIGURINE, 1);
        ScaledPiece scaled = PieceScaling.part(doll, 0, 1.5);
        assertThat(scaled.piece().parts().get(0).solid().box().height().mm()).isEqualTo(54);
        assertThat(scaled.piece().parts().get(1).placement().upMm()).isEqualTo(52);
        assertThat(scaled.piece().parts().get(1).solid())
                .isEqualTo(doll.parts().get(1).solid());
        assertThat(scaled.piece().parts().get(2).placement())
                .isEqualTo(doll.parts().get(2).placement());
        assertThat(scaled.stays()).contains("Head stays as large and moves up by 18 mm");
    }

    @Test
    public void sizesOutOfReachAreRefused() {
        Piece doll = PieceTemplates.of(PieceKind.FIGURINE, 1);
        for (double bad : new double[] {0, -1, 21, Double.NaN}) {
            assertThat(Refusals.of(() -> PieceScaling.whole(doll, bad)).get(0).field())
                    .isEqualTo("factor");
        }
        assertThat(Refusals.of(() -> PieceScaling.toHeight(doll, new Length(4000)))
                        .get(0)
                        .field())
                .isEqualTo("heightMm");
        assertThat(Refusals.of(() -> PieceScaling.whole(doll, 15)).get(0).field())
                .startsWith("parts[0].");
    }
}
