package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Ball;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** A part that is shaped by its clay takes that clay when it is measured. */
public class ClayFittingTest {
    private static ClayFitting.FittedPart fit(Design design, int part, double grams, String dimension) {
        return ClayFitting.fit(design, part, new Mass(grams), dimension, Samples.PALETTE, Samples.ROLL, Samples.PACKET);
    }

    /** Of random designs every part, with each dimension left free, comes back to the clay that was asked for. */
    @Test
    public void theClayIsWhatWasAskedFor() {
        SplittableRandom random = new SplittableRandom(31);
        int fitted = 0;
        for (int trial = 0; trial < 8; trial++) {
            Design design = RandomDesigns.of(random);
            MeasuredDesign measured = Samples.measured(design);
            for (int i = 0; i < design.parts().size(); i++) {
                Part part = design.parts().get(i);
                double now = measured.parts().get(i).portion().mass().g();
                double wanted = now * random.nextDouble(0.7, 1.5);
                String free = part.shape().kind().dimensions().get(0).span().field();
                if (part.layer() != null || wanted < 0.05) {
                    continue;
                }
                try {
                    ClayFitting.FittedPart made = fit(design, i, wanted, free);
                    // To a tenth of a millimetre: of a thing of 3 mm that can be a tenth of its clay.
                    double tenth = 3 * 0.1 / Math.max(0.5, made.value());
                    assertThat(made.clay().g()).isCloseTo(wanted, within(wanted * tenth + 0.02));
                    fitted++;
                } catch (InvalidInputException impossible) {
                    assertThat(impossible.errors().get(0).field()).isIn("massG", "dimension");
                }
            }
        }
        assertThat(fitted).isGreaterThan(6);
    }

    @Test
    public void aBallOfAKnownMassHasItsDiameter() {
        Part part = Samples.part("Ball", new Ball(new Length(9)), 1, Samples.CHALK, 0, null);
        Design seal = RandomDesigns.made(List.of(part));
        int ball = 0;
        double density = Samples.PALETTE.mix(part.mixId()).density().gPerCm3();
        double grams = Math.PI / 6 * 0.5 * 0.5 * 0.5 * density;
        assertThat(fit(seal, ball, grams, "diameterMm").value()).isEqualTo(5.0);
        // So much as it takes already: it stays as it is.
        double now = Samples.measured(seal).parts().get(0).portion().mass().g();
        assertThat(fit(seal, ball, now, "diameterMm").value()).isEqualTo(9.0);
        assertThatThrownBy(() -> fit(seal, ball, grams, "lengthMm"))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        wrong -> assertThat(wrong.errors())
                                .extracting(error -> error.field())
                                .isEqualTo(List.of("dimension")));
        assertThatThrownBy(() -> fit(seal, ball, 0, "diameterMm")).isInstanceOf(InvalidInputException.class);
    }
}
