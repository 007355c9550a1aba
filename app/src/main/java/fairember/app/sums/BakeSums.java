package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.shelf.LineForm;
import fairember.app.web.FindingView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.PacketReview;
import fairember.core.bake.School;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Span;
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

    /** Clay lines baked together, and how. */
    record BakeSumForm(
            List<LineForm> lines,
            double thickestMm,
            StageKind kind,
            School school,
            double longHoldMin,
            double setMin) {}

    /** What the bake needs. */
    record BakeSumView(
            double lowC,
            double highC,
            double holdMin,
            double mostMin,
            double greatestMm,
            double ceilingC,
            String reason,
            List<FindingView> findings,
            WorkingsView workings) {}

    @PostMapping("/api/sums/bake")
    BakeSumView bake(@RequestBody BakeSumForm form) {
        Gathering g = new Gathering();
        List<LineForm> told = g.at("", () -> all("lines", form.lines())).orElse(List.of());
        List<Supplier<ClayWindow>> suppliers = told.stream()
                .<Supplier<ClayWindow>>map(line -> () -> line.parse(0).window())
                .toList();
        List<ClayWindow> windows = g.all("lines", suppliers);
        var thickest = g.at("", () -> new Length(THICKEST.check(form.thickestMm())));
        var rules = g.at(
                "",
                () -> new BakeRules(
                        given("school", form.school()), new Minutes(form.longHoldMin()), new Minutes(form.setMin())));
        var kind = g.at("", () -> given("kind", form.kind()));
        if (told.isEmpty()) {
            g.wrong("lines", "no clay", "one clay line or more", "Name the clays in it.");
        }
        g.orRefuse();
        BakeNeed need = BakeNeeding.need(
                "the bake", SharedWindow.of(windows), thickest.orElseThrow(), kind.orElseThrow(), rules.orElseThrow());
        return new BakeSumView(
                need.window().low().c(),
                need.window().high().c(),
                need.hold().min(),
                need.most().min(),
                need.window().greatest().mm(),
                need.window().ceiling().c(),
                need.reason(),
                FindingView.all(Stream.concat(need.findings().stream(), PacketReview.of("the bake", need).stream())
                        .toList()),
                WorkingsView.of(BakeNeedWorkings.of(need)));
    }
}
