package fairember.app.sums;

import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.PacketReview;
import fairember.core.bake.PrintedPacket;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.document.Text;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.stock.ClayRange;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The need of a stage bake. */
@RestController
class BakeSums {
    /** Clay ranges baked together, and how. */
    record BakeSumForm(
            List<ClayRange> ranges,
            Length thickest,
            StageKind kind,
            BakingMethod bakingMethod,
            Minutes longAndLow,
            Minutes partBake) {
        static final Span THICKEST = Span.of("thickestMm", "thickest section", 0.1, 400, "mm");
        static final Span LONG_AND_LOW = BakeRules.LONG_AND_LOW;
        static final Span PART_BAKE = BakeRules.PART_BAKE;
    }

    /** What the bake needs. */
    record BakeSumView(
            double lowC,
            double highC,
            double bakingMin,
            double mostMin,
            double greatestMm,
            double ceilingC,
            String reason,
            List<AdviceView> advice,
            WorkingsView workings) {}

    /** What a packet says in its own units. */
    record PrintedForm(@Text(most = 200) String printed) {}

    /** What it means; absent what it does not say. */
    record PrintedView(
            @Nullable Double per6MmMin,
            @Nullable Double lowC,
            @Nullable Double highC) {}

    @PostMapping("/api/sums/packet")
    PrintedView packet(@RequestBody PrintedForm form) {
        PrintedPacket read = PrintedPacket.read(form.printed());
        return new PrintedView(
                read.per6Mm().map(Minutes::min).orElse(null),
                read.low().map(Temperature::c).orElse(null),
                read.high().map(Temperature::c).orElse(null));
    }

    @PostMapping("/api/sums/bake")
    BakeSumView bake(@RequestBody BakeSumForm form) {
        if (form.ranges().isEmpty()) {
            throw new InvalidInputException(
                    "ranges", "no clay", "one clay range or more", "Enter at least one clay range.");
        }
        List<ClayWindow> windows = form.ranges().stream().map(ClayRange::window).toList();
        BakeNeed need = BakeNeeding.need(
                "the bake",
                SharedWindow.of(windows),
                form.thickest(),
                form.kind(),
                new BakeRules(form.bakingMethod(), form.longAndLow(), form.partBake()));
        return new BakeSumView(
                need.window().low().c(),
                need.window().high().c(),
                need.bakingTime().min(),
                need.most().min(),
                need.window().greatest().mm(),
                need.window().ceiling().c(),
                need.reason(),
                AdviceView.all(Stream.concat(need.advice().stream(), PacketReview.of("the bake", need).stream())
                        .toList()),
                WorkingsView.of(BakeNeedWorkings.of(need)));
    }
}
