package fairember.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

public class JumpRingTest {
    private static JumpRing ring(double t, double e, double h, double w, double o) {
        return new JumpRing(new Length(t), new Length(e), new Length(h), new Length(w), new Length(o));
    }

    /** 3 mm thick, a hole of 2 mm 3 mm from the edge: the bridge is 2 mm, its diagonal 3.61 mm. */
    @Test
    public void aRingForATagIsFoundByHand() {
        JumpRing tag = ring(3, 3, 2, 0.8, 0.8);
        // Beside a wire of 0.8 mm: 3.3 + 9/13.2 = 3.98; turning: 3.61 + 0.5 = 4.11.
        assertThat(tag.least().mm()).isCloseTo(4.106, within(0.001));
        assertThat(tag.next()).extracting(size -> size.inner().mm()).containsExactly(4.0, 5.0, 6.0, 7.0);
        assertThat(tag.next()).extracting(JumpRing.Size::fits).containsExactly(false, true, true, true);
        // Through 3 mm a ring of 5 mm bends by 0.5 mm.
        assertThat(tag.size(new Length(5)).hole().mm()).isCloseTo(0.5 + 0.8, within(1e-9));
        assertThat(ring(3, 3, 1.2, 0.8, 0.8).size(new Length(5)).fits()).isFalse();
    }

    /** A ring drawn and laid out: all corners of the bridge and the other wire lie within its circle, and just so at the least. */
    @Test
    public void theBridgeAndWhatHangsBesideItLieWithinTheLeastRing() {
        RandomGenerator random = new SplittableRandom(27);
        for (int run = 0; run < 2000; run++) {
            double h = random.nextDouble(0.6, 4);
            JumpRing ring = ring(
                    random.nextDouble(0.6, 8),
                    h / 2 + random.nextDouble(0.5, 6),
                    h,
                    random.nextDouble(0.4, 2),
                    random.nextDouble(0, 2));
            double radius = ring.least().mm() / 2;
            double t = ring.thickness().mm();
            double b = ring.bridge();
            assertThat(Math.hypot(b, t)).isLessThanOrEqualTo(2 * radius);
            // Across the thickness the circle is as high as the chord leaves room for.
            double chord = t / 2 >= radius ? radius : radius + Math.sqrt(radius * radius - t * t / 4);
            assertThat(b + ring.other().mm()).isLessThanOrEqualTo(chord + 1e-9);
            assertThat(ring.size(ring.least()).play()).isZero();
        }
    }

    @Test
    public void aHoleOverTheEdgeIsRefused() {
        assertThat(Refusals.of(() -> ring(3, 1, 2, 0.8, 0.8)))
                .extracting(InputError::field)
                .containsExactly("edgeMm");
        assertThat(Refusals.of(() -> ring(0, 3, 2, 9, 0.8)))
                .extracting(InputError::field)
                .containsExactlyInAnyOrder("thicknessMm", "wireMm");
    }
}
