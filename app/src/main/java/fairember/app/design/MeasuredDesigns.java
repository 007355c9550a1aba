package fairember.app.design;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.core.bake.BakeRules;
import fairember.core.design.Design;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.Room;
import fairember.core.foilcore.FoilRoll;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.stock.Finding;
import fairember.core.stock.Supply;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Measures designs and remembers what it measured: the heat through a design takes long to work out, and every page that plans asks
 * for all designs. What is remembered is found by everything its figures rest on, so that it never outlives a change.
 */
@Component
class MeasuredDesigns {
    private static final int KEPT = 300;

    private final Cache<Known, MeasuredDesign> measured =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Known(
            Design design,
            List<Mix> mixes,
            List<Finding> findings,
            List<MeasuredDesign> smallParts,
            List<Supply> supplies,
            Room room,
            FoilRoll roll,
            BakeRules rules) {}

    MeasuredDesign measure(Design design, Palette palette, FoilRoll roll, BakeRules rules) {
        List<Mix> mixes = design.parts().stream()
                .map(Part::mixId)
                .distinct()
                .map(palette::find)
                .flatMap(Optional::stream)
                .map(MeasuredMix::mix)
                .toList();
        List<Finding> findings = design.findingIds().stream()
                .map(palette::findFinding)
                .flatMap(Optional::stream)
                .toList();
        List<MeasuredDesign> smallParts = design.smallPartIds().stream()
                .map(palette::findSmallPart)
                .flatMap(Optional::stream)
                .toList();
        List<Supply> supplies = design.supplyIds().stream()
                .map(palette::findSupply)
                .flatMap(Optional::stream)
                .flatMap(supply -> Stream.concat(
                        Stream.of(supply),
                        supply.parts().stream()
                                .map(part -> palette.findSupply(part.supplyId()))
                                .flatMap(Optional::stream)))
                .toList();
        return measured.get(
                new Known(design, mixes, findings, smallParts, supplies, palette.room(), roll, rules),
                known -> DesignMeasuring.measure(design, palette, roll, rules));
    }
}
