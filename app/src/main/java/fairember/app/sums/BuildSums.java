package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.batch.CuttingView;
import fairember.app.design.BalanceView;
import fairember.app.design.DesignForm;
import fairember.app.design.DesignStore;
import fairember.app.design.ShapeForm;
import fairember.app.design.WireForm;
import fairember.app.web.WorkingsView;
import fairember.core.balance.Balancing;
import fairember.core.blockcutting.Cutting;
import fairember.core.blockcutting.Stick;
import fairember.core.blockcutting.Want;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.FoilWeighing;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.foilcore.Sleeve;
import fairember.core.foilcore.SleeveWorkings;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of what a design is built on and how it stands; the mixes of a design are those of the studio, nothing is saved. */
@RestController
@RequestMapping("/api/sums")
class BuildSums {
    /** More blocks or kinds of design than this are two plans. */
    private static final int MOST = 200;

    private final DesignStore designs;

    BuildSums(DesignStore designs) {
        this.designs = designs;
    }

    /** The balance of a design, its mixes and findings being those of the studio. */
    @PostMapping("/balance")
    BalanceView balance(@RequestBody DesignForm form) {
        return BalanceView.of(Balancing.balance(designs.measuring().of(0, form)));
    }

    /** A sleeve round something thick by {@code thickMm}. */
    record SleeveSumForm(
            double thickMm,
            double coveredMm,
            int turns,
            double sheetMm,
            double seamMm,
            double foilUm,
            double foilWidthMm) {}

    /** A sleeve and the sheet round it. */
    record SleeveSumView(double outerMm, double stripMm, double foilG, double sheetMm, WorkingsView workings) {}

    @PostMapping("/sleeve")
    SleeveSumView sleeve(@RequestBody SleeveSumForm form) {
        FoilRoll roll = FoilRoll.of(form.foilUm(), form.foilWidthMm(), 1, Money.ZERO, PackedFoil.USUAL);
        Gathering g = new Gathering();
        g.at("", () -> Sleeve.ACROSS.check(form.thickMm()));
        g.at("", () -> Sleeve.COVERED.check(form.coveredMm()));
        g.at("", () -> Sleeve.THICKNESS.check(form.sheetMm()));
        g.at("", () -> Sleeve.SEAM.check(form.seamMm()));
        g.orRefuse();
        Sleeve sleeve = Sleeve.size(
                new Length(form.thickMm()),
                new Length(form.coveredMm()),
                form.turns(),
                new Length(form.sheetMm()),
                new Length(form.seamMm()),
                roll);
        return new SleeveSumView(
                sleeve.outer().mm(),
                sleeve.strip().mm(),
                sleeve.foil().g(),
                sleeve.sheet().mm(),
                WorkingsView.of(SleeveWorkings.of(sleeve, roll)));
    }

    /** A bare core on the scale. */
    record FoilSumForm(ShapeForm shape, double massG) {}

    /** How dense its foil is packed, and the grade that is. */
    record FoilSumView(double densityGPerCm3, Packing packing) {}

    @PostMapping("/foil")
    FoilSumView foil(@RequestBody FoilSumForm form) {
        Gathering g = new Gathering();
        var solid = g.at("shape", () -> given("", form.shape()).parse());
        g.at("", () -> FoilWeighing.MASS.check(form.massG()));
        g.orRefuse();
        FoilWeighing.Weighed weighed = FoilWeighing.weigh(solid.orElseThrow(), new Mass(form.massG()));
        return new FoilSumView(weighed.density().gPerCm3(), weighed.packing());
    }

    /** What a wire of a number of legs takes. */
    record WireSumView(double cutMm, double massG, int gaugeNumber) {}

    @PostMapping("/wire")
    WireSumView wire(@RequestBody WireForm form) {
        Wire wire = form.parse();
        return new WireSumView(wire.length().mm(), wire.mass().g(), wire.gauge().number());
    }

    /** Sticks to cut from, and pieces wanted, in one unit. */
    record CutSumForm(List<StickForm> sticks, List<WantForm> wants) {}

    /** A block, lump or coil. */
    record StickForm(String name, double size) {
        private Stick parse() {
            return new Stick(given("name", name), size);
        }
    }

    /** Equal pieces that are wanted. */
    record WantForm(String name, double size, int count) {
        private Want parse() {
            return new Want(given("name", name), size, count);
        }
    }

    @PostMapping("/cut")
    CuttingView.CuttingPlanView cut(@RequestBody CutSumForm form) {
        Gathering g = new Gathering();
        var givenSticks = g.at("", () -> all("sticks", form.sticks())).orElse(List.of());
        var givenWants = g.at("", () -> all("wants", form.wants())).orElse(List.of());
        few(g, "sticks", givenSticks.size());
        few(g, "wants", givenWants.size());
        g.orRefuse();
        List<Supplier<Stick>> sticks =
                givenSticks.stream().<Supplier<Stick>>map(s -> s::parse).toList();
        List<Supplier<Want>> wants =
                givenWants.stream().<Supplier<Want>>map(w -> w::parse).toList();
        List<Stick> checkedSticks = g.all("sticks", sticks);
        List<Want> checkedWants = g.all("wants", wants);
        g.orRefuse();
        int pieces = checkedWants.stream().mapToInt(Want::count).sum();
        if (pieces > Want.COUNT.high()) {
            throw new InvalidInputException(
                    "wants", pieces + " pieces", "up to 5000 pieces in one plan", "Plan them in two parts.");
        }
        return CuttingView.CuttingPlanView.of(Cutting.plan(checkedSticks, checkedWants));
    }

    private static void few(Gathering g, String field, int found) {
        if (found > MOST) {
            g.error(field, Integer.toString(found), "up to " + MOST, "Plan them in two parts.");
        }
    }
}
