package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.design.Armature;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.shape.Ball;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.Conditioning;
import fairember.core.stock.StockClay;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

/** A batch with a mix that goes into another one, and with a clay that is not sold. */
public class NestedNeedsTest {
    private static final Mix MIST =
            new Mix(3, "Mist", List.of(Mix.Ingredient.of(Samples.ROSE, 1), Mix.Ingredient.of(Samples.WHITE, 3)));

    private static MeasuredDesign design(Mix... mixes) {
        Palette palette = new Palette(List.of(Samples.CHALK, Samples.ROSE, MIST)).with(List.of(Samples.PIN));
        List<Part> parts = Arrays.stream(mixes)
                .map(mix -> Samples.part(mix.name(), new Ball(new Length(10)), 1, mix, 0, null))
                .toList();
        Design design = new Design(
                1,
                "Charm",
                "",
                DesignKind.CHARM,
                Pose.STANDS,
                parts,
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(30))),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        return DesignMeasuring.measure(design, palette, Samples.ROLL, Samples.PACKET);
    }

    @Test
    public void aMixThatGoesIntoAnotherIsMixedOnceForBothAndBeforeIt() {
        MeasuredDesign charm = design(MIST, Samples.ROSE);
        MixWaste waste = new MixWaste(Share.ofPercent(10), new Mass(2), new Mass(0.1));
        BatchNeeds needs = BatchNeeding.needs(List.of(new Job(new JobKey(1, 638), charm, 20)), waste);
        assertThat(needs.mixes()).extracting(n -> n.scaled().mix().name()).containsExactly("Rose", "Mist");
        double net = 20 * charm.parts().get(0).portion().mass().g();
        double mist = net * 1.1 + 2;
        BatchNeeds.MixNeed rose = needs.mixes().get(0);
        assertThat(needs.mixes().get(1).scaled().wanted().g()).isCloseTo(mist, within(1e-9));
        assertThat(rose.net().g()).isCloseTo(net, within(1e-9));
        assertThat(rose.intoOthers().g()).isCloseTo(mist / 4, within(1e-9));
        assertThat(rose.scaled().wanted().g()).isCloseTo(net * 1.1 + 2 + mist / 4, within(1e-9));
        double clay = needs.clays().stream().mapToDouble(c -> c.needed().g()).sum();
        assertThat(clay).isCloseTo(mist + net * 1.1 + 2, within(1e-9));
        // Only what ends up in designs is cut; the lump of rose is whole.
        assertThat(BatchCutting.portions(needs)).hasSize(2).allMatch(cut -> !cut.fromBlocks());
    }

    @Test
    public void aMixNoPartIsMadeOfIsMixedAllTheSameWhenItGoesIntoAnother() {
        BatchNeeds needs = BatchNeeding.needs(
                List.of(new Job(new JobKey(1, 638), design(MIST), 4)), MixWaste.ofHands(Share.ofPercent(0)));
        assertThat(needs.mixes()).extracting(n -> n.net().g()).first().isEqualTo(0.0);
        assertThat(needs.mixes().get(0).scaled().wanted().g())
                .isCloseTo(needs.mixes().get(1).net().g() / 4, within(1e-9));
        assertThat(BatchCutting.portions(needs)).hasSize(1);
    }

    @Test
    public void whatTheShelfHasNotOfAClayThatIsNotSoldIsMissing() {
        StockClay white = Samples.WHITE;
        StockClay gone = new StockClay(
                9,
                "Gone",
                white.range(),
                white.pigment(),
                white.open(),
                white.blocks(),
                false,
                null,
                null,
                Conditioning.USUAL);
        // 100 g open and one block of 50: of 180 g, 30 cannot be had.
        BlockCover cover = BlockBuying.cover(gone, new Mass(180));
        assertThat(cover.missing().g()).isCloseTo(30, within(1e-9));
        assertThat(cover.buy()).isEmpty();
        assertThat(cover.cost().minor()).isZero();
        assertThat(BlockBuying.cover(gone, new Mass(150)).missing()).isEqualTo(Mass.ZERO);
        assertThat(BlockBuying.cover(white, new Mass(180)).missing()).isEqualTo(Mass.ZERO);
        StockClay lump = new StockClay(
                10,
                "Lump",
                white.range(),
                white.pigment(),
                white.open(),
                List.of(),
                false,
                null,
                null,
                Conditioning.USUAL);
        assertThat(lump.bestValue().minorPerGram()).isZero();
        assertThat(BlockBuying.cover(lump, new Mass(101)).missing().g()).isCloseTo(1, within(1e-9));
    }
}
