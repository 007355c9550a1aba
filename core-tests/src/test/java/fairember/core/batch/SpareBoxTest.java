package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Part;
import fairember.core.design.SpareBox;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Share;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

/** The box of spare parts: nothing is taken out twice, and grams add up whatever is taken. */
public class SpareBoxTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final Part EYE = SEAL.design().parts().stream()
            .filter(part -> part.count() == 2 && part.core() == null)
            .findFirst()
            .orElseThrow();
    private static final MixWaste WASTE = MixWaste.ofHands(Share.ofPercent(10));

    private static SpareBox box(int... counts) {
        List<SpareBox.SparePart> kinds = new ArrayList<>();
        for (int count : counts) {
            kinds.add(new SpareBox.SparePart("Eyes", EYE.shape(), EYE.mixId(), count));
        }
        return new SpareBox(kinds);
    }

    private static BatchNeeds needs(int quantity, Reserved reserved, SpareBox box) {
        return BatchNeeding.needs(List.of(new Job(new JobKey(1, 7), SEAL, quantity)), mix -> WASTE, reserved, box);
    }

    private static BatchNeeds.PortionRow eyes(BatchNeeds needs) {
        return needs.portions().stream()
                .filter(row -> row.part().part().equals(EYE))
                .findFirst()
                .orElseThrow();
    }

    /** Seven odd eyes: of 10 that five seals want, three are still to be rolled; the batch after has none left. */
    @Test
    public void anUnevenSetIsUsedUp() {
        BatchNeeds first = needs(5, Reserved.NOTHING, box(4, 3));
        assertThat(eyes(first).taken()).isEqualTo(7);
        assertThat(eyes(first).count()).isEqualTo(3 + EYE.spares());
        BatchNeeds second = needs(5, Reserved.of(first), box(4, 3));
        assertThat(eyes(second).taken()).isZero();
        // At the bench the same is taken out for each.
        Job one = new Job(new JobKey(1, 7), SEAL, 5);
        Job other = new Job(new JobKey(2, 7), SEAL, 5);
        int eye = SEAL.design().parts().indexOf(EYE);
        assertThat(SpareDraw.of(one, 5, List.of(one, other), box(4, 3)).get(eye))
                .isEqualTo(7);
        assertThat(SpareDraw.of(other, 5, List.of(one, other), box(4, 3)).get(eye))
                .isZero();
        assertThat(SpareDraw.of(other, 5, List.of(one, other), box(12)).get(eye))
                .isEqualTo(2);
        assertThat(SpareDraw.of(one, 5, List.of(one), SpareBox.EMPTY)).containsOnly(0);
    }

    @Test
    public void whatIsInPiecesAndSparesComesFromTheMixOrFromTheBox() {
        RandomGenerator random = new SplittableRandom(4);
        double each = eyes(needs(1, Reserved.NOTHING, SpareBox.EMPTY))
                .part()
                .portion()
                .mass()
                .g();
        for (int run = 0; run < 60; run++) {
            int quantity = random.nextInt(1, 60);
            SpareBox box = box(random.nextInt(40), random.nextInt(40), random.nextInt(90));
            BatchNeeds with = needs(quantity, Reserved.NOTHING, box);
            BatchNeeds without = needs(quantity, Reserved.NOTHING, SpareBox.EMPTY);
            double saved = net(without) - net(with);
            assertThat(saved).isCloseTo(each * eyes(with).taken(), within(0.01));
            assertThat(eyes(with).count() + eyes(with).taken()).isEqualTo(2 * quantity + EYE.spares());
            // Counted out, the box has so many fewer; counted in again, it is the same.
            SpareBox left = box.with(EYE, "Eyes", -eyes(with).taken());
            assertThat(all(box) - all(left)).isEqualTo(eyes(with).taken());
            assertThat(all(left.with(EYE, "Eyes", 5))).isEqualTo(all(left) + 5);
        }
    }

    private static double net(BatchNeeds needs) {
        return needs.mixes().stream().mapToDouble(mix -> mix.net().g()).sum();
    }

    private static int all(SpareBox box) {
        return box.parts().stream().mapToInt(SpareBox.SparePart::count).sum();
    }

    @Test
    public void onlyAPartOfTheSameMixShapeAndSizeFits() {
        SpareBox.SparePart eyes = box(1).parts().get(0);
        assertThat(eyes.fits(EYE)).isTrue();
        SEAL.design().parts().stream()
                .filter(part -> part != EYE)
                .forEach(other -> assertThat(eyes.fits(other)).isFalse());
        assertThat(new SpareBox.SparePart("Red", EYE.shape(), EYE.mixId() + 1, 3).fits(EYE))
                .isFalse();
        // What has a core cannot lie in the box, however many spares of it are made.
        Part cored = SEAL.design().parts().stream()
                .filter(part -> part.core() != null)
                .findFirst()
                .orElseThrow();
        assertThat(SpareBox.EMPTY.with(cored, "Bodies", 3)).isEqualTo(SpareBox.EMPTY);
        // A kind that nothing in the box fits becomes one of its own.
        assertThat(SpareBox.EMPTY.with(EYE, "Eyes", 4).parts())
                .containsExactly(new SpareBox.SparePart("Eyes", EYE.shape(), EYE.mixId(), 4));
        assertThat(SpareBox.EMPTY.with(EYE, "Eyes", -4)).isEqualTo(SpareBox.EMPTY);
    }
}
