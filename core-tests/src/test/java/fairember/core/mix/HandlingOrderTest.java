package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class HandlingOrderTest {
    private static MeasuredMix mix(long id, String hex) {
        StockClay clay = Samples.clay(id, "clay " + id, Samples.FIRM, hex, 50);
        Mix alone = new Mix(id, "mix " + id, List.of(Mix.Ingredient.of(clay, 1)));
        return MixMeasuring.measure(alone, new Mass(10));
    }

    @Test
    public void lightComesBeforeDarkAndEachMixOnce() {
        Random random = new Random(4);
        for (int round = 0; round < 30; round++) {
            List<MeasuredMix> mixes = new ArrayList<>(IntStream.range(1, 9)
                    .mapToObj(id -> mix(id, "#%06x".formatted(random.nextInt(0x1000000))))
                    .toList());
            List<HandlingOrder.Turn> turns = HandlingOrder.of(mixes);
            assertThat(turns).extracting(HandlingOrder.Turn::mix).containsExactlyInAnyOrderElementsOf(mixes);
            assertThat(turns)
                    .extracting(turn -> -turn.mix().colour().raw().lab().l())
                    .isSorted();
            assertThat(turns.get(0).tintedBy()).isZero();
            assertThat(turns.get(0).wipeBefore()).isFalse();
            Collections.shuffle(mixes, random);
            assertThat(HandlingOrder.of(mixes)).isEqualTo(turns);
        }
    }

    @Test
    public void whatWouldBeSeenIsWipedAndWhatWouldNotIsNot() {
        // A hundredth of a pale clay in another or of white in black is not seen.
        List<HandlingOrder.Turn> seen = HandlingOrder.of(List.of(mix(1, "#f6efc9"), mix(2, "#c9b8e8")));
        assertThat(seen.get(1).tintedBy()).isLessThan(1);
        List<HandlingOrder.Turn> black = HandlingOrder.of(List.of(mix(1, "#26282a"), mix(2, "#f4f2ea")));
        assertThat(black.get(0).mix().mix().id()).isEqualTo(2);
        assertThat(black.get(1).wipeBefore()).isFalse();
        // A very strong orange before a grey that is a little darker has to be wiped off.
        Srgb orange = Srgb.parse("hex", "#f0682d");
        StockClay strong = new StockClay(
                3,
                "strong",
                Samples.FIRM,
                new Pigment(orange, orange, Opacity.OPAQUE, Strength.VERY_STRONG),
                new Mass(20),
                Samples.WHITE.blocks());
        MeasuredMix vivid =
                MixMeasuring.measure(new Mix(3, "vivid", List.of(Mix.Ingredient.of(strong, 1))), new Mass(10));
        List<HandlingOrder.Turn> wiped = HandlingOrder.of(List.of(mix(4, "#8a8a8a"), vivid));
        assertThat(wiped.get(0).mix()).isEqualTo(vivid);
        assertThat(wiped.get(1).tintedBy()).isBetween(1.0, 5.0);
        assertThat(wiped.get(1).wipeBefore()).isTrue();
        List<HandlingOrder.Turn> alike = HandlingOrder.of(List.of(mix(1, "#b3342b"), mix(2, "#b2342b")));
        assertThat(alike.get(1).wipeBefore()).isFalse();
        assertThat(HandlingOrder.of(List.of())).isEmpty();
    }

    @Test
    public void aDarkMixThatGoesIntoALightOneComesBeforeIt() {
        MeasuredMix white = MixMeasuring.measure(Samples.CHALK, new Mass(10));
        MeasuredMix dark = MixMeasuring.measure(
                new Mix(8, "dark", List.of(Mix.Ingredient.of(Samples.clay(8, "Navy", Samples.FIRM, "#20304f", 10), 1))),
                new Mass(10));
        MeasuredMix pale = MixMeasuring.measure(
                new Mix(9, "pale", List.of(Mix.Ingredient.of(dark.mix(), 1), Mix.Ingredient.of(Samples.WHITE, 9))),
                new Mass(10));
        assertThat(HandlingOrder.of(List.of(pale, dark, white)))
                .extracting(turn -> turn.mix().mix().name())
                .containsExactly("Chalk", "dark", "pale");
    }
}
