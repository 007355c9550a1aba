package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Grade;
import fairember.core.design.DesignScaling.ScaledDesign;
import fairember.core.quantity.Length;
import fairember.core.shape.Band;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DesignScalingTest {
    @DataProvider
    public Object[][] kinds() {
        return Stream.of(DesignKind.values())
                .map(kind -> new Object[] {DesignTemplates.of(kind, Samples.CHALK.id())})
                .toArray(Object[][]::new);
    }

    /** A template is a design that can be made as it is: nothing breaks, and it has a bake and checks. */
    @Test(dataProvider = "kinds")
    public void everyTemplateCanBeMadeAsItIs(Design design) {
        MeasuredDesign measured = Samples.measured(design);
        assertThat(measured.advice()).noneMatch(advice -> advice.grade() == Grade.STOP);
        assertThat(measured.weight().g()).isBetween(1.0, 200.0);
        assertThat(design.checkLines()).isNotEmpty();
        assertThat(design.steps()).isNotEmpty();
    }

    @Test(dataProvider = "kinds")
    public void aDesignMadeToAHeightIsThatHighAndItsSolidsGrowByTheCube(Design design) {
        double high = Samples.measured(design).box().height().mm();
        ScaledDesign scaled = DesignScaling.toHeight(design, new Length(1.5 * high));
        assertThat(scaled.factor()).isCloseTo(1.5, within(1e-9));
        assertThat(Samples.measured(scaled.design()).box().height().mm()).isCloseTo(1.5 * high, within(0.1));
        for (int i = 0; i < design.parts().size(); i++) {
            Part before = design.parts().get(i);
            Part after = scaled.design().parts().get(i);
            if (!(before.shape() instanceof Band)) {
                double times =
                        after.shape().volume().mm3() / before.shape().volume().mm3();
                assertThat(times).isCloseTo(3.375, within(0.004));
            }
            assertThat(after.placement().upMm())
                    .isCloseTo(1.5 * before.placement().upMm(), within(1e-9));
            assertThat(after.core()).isEqualTo(before.core());
        }
        ScaledDesign back = DesignScaling.whole(scaled.design(), 1 / 1.5);
        assertThat(back.design().parts().get(0).shape().volume().mm3())
                .isCloseTo(design.parts().get(0).shape().volume().mm3(), within(1e-6));
    }

    @Test
    public void whatCannotScaleStaysAndIsNamed() {
        Design topper = DesignTemplates.of(DesignKind.TOPPER, 1);
        ScaledDesign large = DesignScaling.whole(topper, 2);
        assertThat(large.stays()).anyMatch(line -> line.equals("Pencil stays 7.4 mm thick and 175 mm long"));
        Insert pencil = large.design().armature().inserts().get(0);
        assertThat(pencil.thick().mm()).isEqualTo(7.4);
        assertThat(pencil.covered().mm()).isEqualTo(36);
        Band socket = (Band) large.design().parts().get(0).shape();
        assertThat(socket.around().mm()).isEqualTo(7.7);
        assertThat(socket.length().mm()).isEqualTo(36);
        Design seal = Samples.seal();
        assertThat(DesignScaling.whole(seal, 2).stays())
                .contains("Findings keep their size", "Body keeps its shell of 5 mm");
        Design doll = DesignTemplates.of(DesignKind.FIGURINE, 1);
        ScaledDesign tall = DesignScaling.whole(doll, 2);
        assertThat(tall.design().armature().wires().get(0).gauge().mm()).isEqualTo(1);
        assertThat(tall.design().armature().wires().get(0).length().mm()).isEqualTo(60);
    }

    @Test
    public void aCoreThatHasNoRoomLeftIsDroppedAndSaid() {
        ScaledDesign small = DesignScaling.whole(Samples.seal(), 0.2);
        assertThat(small.design().parts().get(0).core()).isNull();
        assertThat(small.stays()).contains("Body becomes solid: a shell of 5 mm leaves no space for foil");
    }

    /** A body of 36 high half as high again: the head on it rises by 18; the arms at its side stay. */
    @Test
    public void onePartScalesAndWhatStandsOnItRises() {
        Design doll = DesignTemplates.of(DesignKind.FIGURINE, 1);
        ScaledDesign scaled = DesignScaling.part(doll, 0, 1.5);
        assertThat(scaled.design().parts().get(0).shape().box().height().mm()).isEqualTo(54);
        assertThat(scaled.design().parts().get(1).placement().upMm()).isEqualTo(52);
        assertThat(scaled.design().parts().get(1).shape())
                .isEqualTo(doll.parts().get(1).shape());
        assertThat(scaled.design().parts().get(2).placement())
                .isEqualTo(doll.parts().get(2).placement());
        assertThat(scaled.stays()).contains("Head keeps its size and moves up by 18 mm");
    }

    @Test
    public void sizesOutOfReachAreRefused() {
        Design doll = DesignTemplates.of(DesignKind.FIGURINE, 1);
        for (double bad : new double[] {0, -1, 21, Double.NaN}) {
            assertThat(Refusals.of(() -> DesignScaling.whole(doll, bad)).get(0).field())
                    .isEqualTo("factor");
        }
        assertThat(Refusals.of(() -> DesignScaling.toHeight(doll, new Length(4000)))
                        .get(0)
                        .field())
                .isEqualTo("heightMm");
        assertThat(Refusals.of(() -> DesignScaling.whole(doll, 15)).get(0).field())
                .startsWith("parts[0].");
    }
}
