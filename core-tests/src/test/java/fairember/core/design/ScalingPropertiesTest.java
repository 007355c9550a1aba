package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.balance.Balance;
import fairember.core.balance.Balancing;
import fairember.core.foilcore.CoreSpec;
import fairember.core.quantity.Length;
import fairember.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every template in other sizes: what scales does so by its power of the factor, what cannot stays and is named. */
public class ScalingPropertiesTest {
    private static final Percentage CLOSELY = Percentage.withPercentage(0.5);

    @DataProvider
    public Object[][] templates() {
        List<Object[]> rows = new ArrayList<>();
        for (DesignKind kind : DesignKind.values()) {
            for (double factor : new double[] {0.7, 1.25, 2}) {
                rows.add(new Object[] {DesignTemplates.of(kind, 1), factor});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    private static double high(Design design) {
        return DesignBox.around(design.parts()).height().mm();
    }

    /** Parts lie where they lay, times the factor; each is as large, times the factor; shells stay as thick. */
    @Test(dataProvider = "templates")
    public void partsAndPlacesScaleAndShellsStay(Design design, double factor) {
        DesignScaling.ScaledDesign scaled = DesignScaling.whole(design, factor);
        for (int i = 0; i < design.parts().size(); i++) {
            Part before = design.parts().get(i);
            Part after = scaled.design().parts().get(i);
            assertThat(after.placement().upMm())
                    .isCloseTo(factor * before.placement().upMm(), within(1e-9));
            assertThat(after.placement().acrossMm())
                    .isCloseTo(factor * before.placement().acrossMm(), within(1e-9));
            assertThat(after.placement().tiltDeg()).isEqualTo(before.placement().tiltDeg());
            assertThat(after.shape().box().height().mm())
                    .isCloseTo(factor * before.shape().box().height().mm(), CLOSELY);
            assertThat(after.count()).isEqualTo(before.count());
            CoreSpec core = before.core();
            CoreSpec kept = after.core();
            if (core != null && kept != null) {
                assertThat(kept.shell()).isEqualTo(core.shell());
            }
            if (core != null && kept == null) {
                assertThat(scaled.stays()).anyMatch(line -> line.startsWith(before.name() + " becomes solid"));
            }
        }
        assertThat(scaled.factor()).isEqualTo(factor);
    }

    /** What is bought or drawn to a gauge stays: inserts, thickness of wires; wires become longer. */
    @Test(dataProvider = "templates")
    public void insertsAndGaugesStay(Design design, double factor) {
        Armature before = design.armature();
        Armature after = DesignScaling.whole(design, factor).design().armature();
        assertThat(after.inserts()).hasSameSizeAs(before.inserts());
        for (int i = 0; i < before.inserts().size(); i++) {
            assertThat(after.inserts().get(i).name())
                    .isEqualTo(before.inserts().get(i).name());
            assertThat(after.inserts().get(i).mass())
                    .isEqualTo(before.inserts().get(i).mass());
        }
        for (int i = 0; i < before.wires().size(); i++) {
            Wire old = before.wires().get(i);
            Wire wire = after.wires().get(i);
            assertThat(wire.gauge()).isEqualTo(old.gauge());
            assertThat(wire.length().mm()).isCloseTo(factor * old.length().mm(), within(1e-6));
        }
        Pin pin = before.pin();
        Pin raised = after.pin();
        assertThat(raised == null).isEqualTo(pin == null);
        if (pin != null && raised != null) {
            assertThat(raised.upMm()).isCloseTo(factor * pin.upMm(), within(1e-9));
        }
    }

    /** To a height and back again: as large as before, when nothing had to stay. */
    @Test(dataProvider = "templates")
    public void toAHeightAndBackItIsAsLargeAsBefore(Design design, double factor) {
        double high = high(design);
        DesignScaling.ScaledDesign there = DesignScaling.toHeight(design, new Length(factor * high));
        assertThat(high(there.design())).isCloseTo(factor * high, CLOSELY);
        assertThat(there.factor()).isCloseTo(factor, within(1e-9));
        Design back = DesignScaling.whole(there.design(), 1 / factor).design();
        assertThat(high(back)).isCloseTo(high, CLOSELY);
        for (int i = 0; i < design.parts().size(); i++) {
            assertThat(back.parts().get(i).shape().volume().mm3())
                    .isCloseTo(design.parts().get(i).shape().volume().mm3(), CLOSELY);
        }
    }

    /** In two steps or in one: the same design. */
    @Test(dataProvider = "templates")
    public void twoStepsAreOneOfTheirProduct(Design design, double factor) {
        Design twice = DesignScaling.whole(DesignScaling.whole(design, factor).design(), 1.1)
                .design();
        Design once = DesignScaling.whole(design, factor * 1.1).design();
        for (int i = 0; i < design.parts().size(); i++) {
            assertThat(twice.parts().get(i).shape().volume().mm3())
                    .isCloseTo(once.parts().get(i).shape().volume().mm3(), CLOSELY);
            assertThat(twice.parts().get(i).placement().upMm())
                    .isCloseTo(once.parts().get(i).placement().upMm(), within(1e-9));
        }
    }

    /** Without cores and what is built on, it leans as far in every size, and weighs by the cube. */
    @Test(dataProvider = "templates")
    public void clayAloneLeansAsFarInEverySize(Design design, double factor) {
        List<Part> parts = design.parts().stream()
                .map(part -> part.with(part.shape(), null, part.placement()))
                .toList();
        Design clay = RandomDesigns.made(parts);
        Balance before = Balancing.balance(Samples.measured(clay));
        Balance after = Balancing.balance(
                Samples.measured(DesignScaling.whole(clay, factor).design()));
        assertThat(after.mass().g())
                .isCloseTo(Math.pow(factor, 3) * before.mass().g(), CLOSELY);
        assertThat(after.centre().upMm()).isCloseTo(factor * before.centre().upMm(), CLOSELY);
        assertThat(after.centre().acrossMm()).isCloseTo(factor * before.centre().acrossMm(), within(0.05));
    }
}
