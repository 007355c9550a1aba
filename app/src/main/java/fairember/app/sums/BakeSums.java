package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.oven.OvenForm;
import fairember.app.shelf.LineForm;
import fairember.app.web.FindingView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.School;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Refused;
import fairember.core.measure.Span;
import fairember.core.measure.Temperature;
import fairember.core.measure.Words;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadPlanning;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.shape.Box;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The need of a stage bake, and the loads of many. */
@RestController
class BakeSums {
    private static final Span THICKEST = Span.of("thickestMm", "thickest section", 0.1, 400, "mm");
    private static final Span SIDE = Span.of("mm", "side", 0.1, 1000, "mm");
    private static final Span HOLD = Span.of("holdMin", "hold", 0, 1440, "min");
    private static final int MOST_BAKES = 500;

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
            String reason,
            List<FindingView> findings,
            WorkingsView workings) {}

    /** An oven and the bakes for it. */
    record LoadsSumForm(OvenForm oven, List<BakeForm> bakes) {}

    /** A stage bake of things alike; after names the keys of bakes that must be done first. */
    record BakeForm(
            String key,
            String name,
            int count,
            double widthMm,
            double depthMm,
            double heightMm,
            double lowC,
            double highC,
            double holdMin,
            double mostMin,
            List<String> after) {
        private Bake parse() {
            Gathering g = new Gathering();
            var checkedKey = g.at("", () -> Words.name("key", given("key", key)));
            var checkedName = g.at("", () -> Words.name("name", given("name", name)));
            g.at("widthMm", () -> side(widthMm));
            g.at("depthMm", () -> side(depthMm));
            g.at("heightMm", () -> side(heightMm));
            g.at("lowC", () -> celsius(lowC));
            g.at("highC", () -> celsius(highC));
            g.at("", () -> HOLD.check(holdMin));
            g.at("mostMin", () -> minutes(mostMin));
            var keys = g.at("", () -> all("after", after));
            g.orRefuse();
            return new Bake(
                    checkedKey.orElseThrow(),
                    checkedName.orElseThrow(),
                    count,
                    new Box(side(widthMm), side(depthMm), side(heightMm)),
                    celsius(lowC),
                    celsius(highC),
                    new Minutes(holdMin),
                    new Minutes(mostMin),
                    keys.orElseThrow());
        }

        private static Length side(double mm) {
            return new Length(unnamed(SIDE).check(mm));
        }

        private static Temperature celsius(double c) {
            return new Temperature(unnamed(Temperature.SPAN).check(c));
        }

        private static double minutes(double min) {
            return unnamed(HOLD).check(min);
        }

        /** The same span for a field named elsewhere. */
        private static Span unnamed(Span span) {
            return Span.of("", span.label(), span.low(), span.high(), span.unit());
        }
    }

    /** Loads in order, and findings on bakes that were left out. */
    record LoadsSumView(List<LoadSumView> loads, List<FindingView> findings) {}

    /** A load: what is in it, where, and why. */
    record LoadSumView(
            double tempC,
            double holdMin,
            double energyKwh,
            double fillPercent,
            List<LoadSumItemView> items,
            List<LoadSumPlaceView> places,
            List<FindingView> why) {
        static LoadSumView of(PlannedLoad load) {
            return new LoadSumView(
                    load.temperature().c(),
                    load.hold().min(),
                    load.energy().kwh(),
                    load.fill().percent(),
                    load.items().stream()
                            .map(i -> new LoadSumItemView(i.bake().key(), i.count()))
                            .toList(),
                    load.places().stream()
                            .map(p -> new LoadSumPlaceView(
                                    p.key(),
                                    p.left().mm(),
                                    p.back().mm(),
                                    p.width().mm(),
                                    p.depth().mm()))
                            .toList(),
                    FindingView.all(load.why()));
        }
    }

    /** So many things of a bake. */
    record LoadSumItemView(String key, int count) {}

    /** Where one thing lies. */
    record LoadSumPlaceView(String key, double leftMm, double backMm, double widthMm, double depthMm) {}

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
                need.reason(),
                FindingView.all(need.findings()),
                WorkingsView.of(BakeNeedWorkings.of(need)));
    }

    @PostMapping("/api/sums/loads")
    LoadsSumView loads(@RequestBody LoadsSumForm form) {
        Gathering g = new Gathering();
        var oven = g.at("oven", () -> given("", form.oven()).parse());
        List<BakeForm> told = g.at("", () -> all("bakes", form.bakes())).orElse(List.of());
        if (told.size() > MOST_BAKES) {
            throw new Refused("bakes", told.size() + " bakes", "up to " + MOST_BAKES, "Plan fewer at a time.");
        }
        List<Supplier<Bake>> suppliers =
                told.stream().<Supplier<Bake>>map(bake -> bake::parse).toList();
        List<Bake> bakes = g.all("bakes", suppliers);
        g.orRefuse();
        LoadPlan plan = LoadPlanning.plan(bakes, oven.orElseThrow());
        return new LoadsSumView(plan.loads().stream().map(LoadSumView::of).toList(), FindingView.all(plan.findings()));
    }
}
