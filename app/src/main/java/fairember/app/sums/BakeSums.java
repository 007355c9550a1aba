package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.shelf.RangeForm;
import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.PacketReview;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The need of a stage bake. */
@RestController
class BakeSums {
    private static final Span THICKEST = Span.of("thickestMm", "thickest section", 0.1, 400, "mm");

    /** Clay ranges baked together, and how. */
    record BakeSumForm(
            List<RangeForm> ranges,
            double thickestMm,
            StageKind kind,
            BakingMethod bakingMethod,
            double longAndLowMin,
            double partBakeMin) {}

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

    @PostMapping("/api/sums/bake")
    BakeSumView bake(@RequestBody BakeSumForm form) {
        Gathering g = new Gathering();
        List<RangeForm> given = g.at("", () -> all("ranges", form.ranges())).orElse(List.of());
        List<Supplier<ClayWindow>> suppliers = given.stream()
                .<Supplier<ClayWindow>>map(range -> () -> range.parse(0).window())
                .toList();
        List<ClayWindow> windows = g.all("ranges", suppliers);
        var thickest = g.at("", () -> new Length(THICKEST.check(form.thickestMm())));
        var rules = g.at(
                "",
                () -> new BakeRules(
                        given("bakingMethod", form.bakingMethod()),
                        new Minutes(form.longAndLowMin()),
                        new Minutes(form.partBakeMin())));
        var kind = g.at("", () -> given("kind", form.kind()));
        if (given.isEmpty()) {
            g.error("ranges", "no clay", "one clay range or more", "Name the clay ranges in it.");
        }
        g.orRefuse();
        BakeNeed need = BakeNeeding.need(
                "the bake", SharedWindow.of(windows), thickest.orElseThrow(), kind.orElseThrow(), rules.orElseThrow());
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
