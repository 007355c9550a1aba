package fairember.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Share;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.piece.Armature;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Palette;
import fairember.core.piece.Part;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceKind;
import fairember.core.piece.PieceMeasuring;
import fairember.core.piece.Pose;
import fairember.core.shape.Ball;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.StockClay;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

/** A run with a mix that goes into another one, and with a clay that is not sold. */
public class NestedNeedsTest {
    private static final Mix MIST =
            new Mix(3, "Mist", List.of(Mix.Ingredient.of(Samples.ROSE, 1), Mix.Ingredient.of(Samples.WHITE, 3)));

    private static MeasuredPiece piece(Mix... mixes) {
        Palette palette = new Palette(List.of(Samples.CHALK, Samples.ROSE, MIST));
        List<Part> parts = Arrays.stream(mixes)
                .map(mix -> Samples.part(mix.name(), new Ball(new Length(10)), 1, mix, 0, null))
                .toList();
        Piece piece = new Piece(
                1,
                "Charm",
                "",
                PieceKind.CHARM,
                Pose.STANDS,
                parts,
                Samples.seal().stages(),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        return PieceMeasuring.measure(piece, palette, Samples.ROLL, Samples.PACKET);
    }

    @Test
    public void aMixThatGoesIntoAnotherIsMixedOnceForBothAndBeforeIt() {
        MeasuredPiece charm = piece(MIST, Samples.ROSE);
        MixWaste waste = new MixWaste(Share.ofPercent(10), new Mass(2), new Mass(0.1));
        RunNeeds needs = RunNeeding.needs(List.of(new Job("charms", charm, 20)), waste);
        assertThat(needs.mixes()).extracting(n -> n.scaled().mix().name()).containsExactly("Rose", "Mist");
        double net = 20 * charm.parts().get(0).portion().mass().g();
        double mist = net * 1.1 + 2;
        RunNeeds.MixNeed rose = needs.mixes().get(0);
        assertThat(needs.mixes().get(1).scaled().wanted().g()).isCloseTo(mist, within(1e-9));
        assertThat(rose.net().g()).isCloseTo(net, within(1e-9));
        assertThat(rose.intoOthers().g()).isCloseTo(mist / 4, within(1e-9));
        assertThat(rose.scaled().wanted().g()).isCloseTo(net * 1.1 + 2 + mist / 4, within(1e-9));
        double clay = needs.clays().stream().mapToDouble(c -> c.needed().g()).sum();
        assertThat(clay).isCloseTo(mist + net * 1.1 + 2, within(1e-9));
        // Only what ends up in pieces is cut; the lump of rose is whole.
        assertThat(RunCutting.portions(needs)).hasSize(2).allMatch(cut -> !cut.fromBlocks());
    }

    @Test
    public void aMixNoPartIsMadeOfIsMixedAllTheSameWhenItGoesIntoAnother() {
        RunNeeds needs =
                RunNeeding.needs(List.of(new Job("charms", piece(MIST), 4)), MixWaste.ofHands(Share.ofPercent(0)));
        assertThat(needs.mixes()).extracting(n -> n.net().g()).first().isEqualTo(0.0);
        assertThat(needs.mixes().get(0).scaled().wanted().g())
                .isCloseTo(needs.mixes().get(1).net().g() / 4, within(1e-9));
        assertThat(RunCutting.portions(needs)).hasSize(1);
    }

    @Test
    public void whatTheShelfHasNotOfAClayThatIsNotSoldIsMissing() {
        StockClay white = Samples.WHITE;
        StockClay gone = new StockClay(
                9, "Gone", white.line(), white.pigment(), white.open(), white.blocks(), false, null, null);
        // 100 g open and one block of 50: of 180 g, 30 cannot be had.
        BlockCover cover = BlockBuying.cover(gone, new Mass(180));
        assertThat(cover.missing().g()).isCloseTo(30, within(1e-9));
        assertThat(cover.buy()).isEmpty();
        assertThat(cover.cost().minor()).isZero();
        assertThat(BlockBuying.cover(gone, new Mass(150)).missing()).isEqualTo(Mass.ZERO);
        assertThat(BlockBuying.cover(white, new Mass(180)).missing()).isEqualTo(Mass.ZERO);
        StockClay lump =
                new StockClay(10, "Lump", white.line(), white.pigment(), white.open(), List.of(), false, null, null);
        assertThat(lump.bestValue().minorPerGram()).isZero();
        assertThat(BlockBuying.cover(lump, new Mass(101)).missing().g()).isCloseTo(1, within(1e-9));
    }
}
