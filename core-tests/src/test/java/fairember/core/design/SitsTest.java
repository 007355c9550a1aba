package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.shape.Ball;
import fairember.core.shape.Rod;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** Parts that sit on others follow them, whatever is made larger. */
public class SitsTest {
    private static Part part(String name, double mm, double up, @Nullable Sits sits) {
        return new Part(
                name,
                name.startsWith("Rod") ? new Rod(new Length(mm), new Length(2 * mm)) : new Ball(new Length(mm)),
                1,
                Samples.CHALK.id(),
                BuildPoint.START,
                0,
                null,
                null,
                new Placement(3, up, 1, 0, Arrangement.MIRRORED, fairember.core.shape.Facing.UP),
                null,
                sits,
                "Tower");
    }

    private static double top(Part part) {
        return part.placement().upMm() + part.posed().box().height().mm();
    }

    /** A pile of random parts: each stands where the one it sits on ends, less what it is pressed in. */
    @Test
    public void everyPartOfAPileStandsOnTheOneBelow() {
        SplittableRandom random = new SplittableRandom(19);
        for (int trial = 0; trial < 60; trial++) {
            List<Part> pile = new ArrayList<>();
            pile.add(part("Foot", random.nextDouble(5, 40), random.nextDouble(0, 5), null));
            for (int i = 1; i < 2 + random.nextInt(6); i++) {
                int on = random.nextInt(i);
                Sits sits = new Sits(on, new Length(random.nextDouble(0, 4)));
                pile.add(part((i % 2 == 0 ? "Rod " : "Ball ") + i, random.nextDouble(4, 20), 300, sits));
            }
            Design design = Samples.seal().with(pile, Armature.NONE);
            check(design.parts());
            Design larger = DesignScaling.part(design, 0, 1.7).design();
            check(larger.parts());
            assertThat(top(larger.parts().get(0)) - top(design.parts().get(0)))
                    .isCloseTo(
                            0.7 * design.parts().get(0).posed().box().height().mm(), within(1e-9));
            Design whole = DesignScaling.whole(design, 1.3).design();
            check(whole.parts());
            for (int i = 0; i < pile.size(); i++) {
                assertThat(whole.parts().get(i).placement().upMm())
                        .isCloseTo(1.3 * design.parts().get(i).placement().upMm(), within(1e-9));
            }
        }
    }

    private static void check(List<Part> parts) {
        for (Part part : parts) {
            Sits sits = part.sits();
            if (sits != null) {
                assertThat(part.placement().upMm())
                        .isCloseTo(top(parts.get(sits.on())) - sits.pressed().mm(), within(1e-9));
                assertThat(part.placement().acrossMm())
                        .isCloseTo(parts.get(0).placement().acrossMm(), within(1e-9));
            }
            assertThat(part.group()).isEqualTo("Tower");
        }
    }

    @Test
    public void aPartSitsOnlyOnOneAboveItInTheList() {
        for (int on : new int[] {0, 1, 2, -1}) {
            List<Part> parts = List.of(part("Foot", 10, 0, new Sits(on, Length.ZERO)), part("Ball", 5, 0, null));
            assertThatThrownBy(() -> Samples.seal().with(parts, Armature.NONE))
                    .isInstanceOfSatisfying(
                            InvalidInputException.class,
                            wrong -> assertThat(wrong.errors())
                                    .anySatisfy(
                                            error -> assertThat(error.field()).isEqualTo("parts[0].sits.on")));
        }
        assertThatThrownBy(() -> new Sits(0, new Length(-1))).isInstanceOf(InvalidInputException.class);
    }
}
