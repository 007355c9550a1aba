package fairember.app.sums;

import fairember.app.batch.CuttingView;
import fairember.app.design.BalanceView;
import fairember.app.design.DesignStore;
import fairember.app.web.WorkingsView;
import fairember.core.balance.Balancing;
import fairember.core.blockcutting.Cutting;
import fairember.core.blockcutting.Stick;
import fairember.core.blockcutting.Want;
import fairember.core.design.Design;
import fairember.core.document.InUnit;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.FoilWeighing;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.foilcore.Sleeve;
import fairember.core.foilcore.SleeveWorkings;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Solid;
import fairember.core.wire.Wire;
import fairember.core.workings.Source;
import java.util.List;
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
    BalanceView balance(@RequestBody Design design) {
        return BalanceView.of(Balancing.balance(designs.measuring().of(design)));
    }

    /** A sleeve round something thick by {@code thickMm}. */
    record SleeveSumForm(
            Length thick,
            Length covered,
            int turns,
            Length sheet,
            Length seam,
            @InUnit("Um") Length foil,
            Length foilWidth) {
        static final Span THICK = Sleeve.ACROSS;
        static final Span COVERED = Sleeve.COVERED;
        static final Span TURNS = Sleeve.TURNS;
        static final Span SHEET = Sleeve.THICKNESS;
        static final Span SEAM = Sleeve.SEAM;
        static final Span FOIL = FoilRoll.THICKNESS;
        static final Span FOIL_WIDTH = FoilRoll.WIDTH;
    }

    /** A sleeve and the sheet round it. */
    record SleeveSumView(double outerMm, double stripMm, double foilG, double sheetMm, WorkingsView workings) {}

    @PostMapping("/sleeve")
    SleeveSumView sleeve(@RequestBody SleeveSumForm form) {
        FoilRoll roll = FoilRoll.priceless(form.foil(), form.foilWidth(), PackedFoil.USUAL);
        Sleeve sleeve = Sleeve.size(form.thick(), form.covered(), form.turns(), form.sheet(), form.seam(), roll);
        return new SleeveSumView(
                sleeve.outer().mm(),
                sleeve.strip().mm(),
                sleeve.foil().g(),
                sleeve.sheet().mm(),
                WorkingsView.of(SleeveWorkings.of(sleeve, roll)));
    }

    /** A bare core on the scale. */
    record FoilSumForm(Solid shape, Mass mass) {
        static final Span MASS = FoilWeighing.MASS;
    }

    /** How dense its foil is packed, and the grade that is. */
    record FoilSumView(double densityGPerCm3, Packing packing) {}

    @PostMapping("/foil")
    FoilSumView foil(@RequestBody FoilSumForm form) {
        FoilWeighing.Weighed weighed = FoilWeighing.weigh(form.shape(), form.mass());
        return new FoilSumView(weighed.density().gPerCm3(), weighed.packing());
    }

    /** What a wire of a number of legs takes. */
    record WireSumView(double cutMm, double massG, int gaugeNumber) {}

    @PostMapping("/wire")
    WireSumView wire(@RequestBody Wire wire) {
        return new WireSumView(wire.length().mm(), wire.mass().g(), wire.gauge().number());
    }

    /** Sticks to cut from, and pieces wanted, in one unit. */
    record CutSumForm(List<Stick> sticks, List<Want> wants) {}

    @PostMapping("/cut")
    CuttingView.CuttingPlanView cut(@RequestBody CutSumForm form) {
        Gathering g = new Gathering();
        few(g, "sticks", form.sticks().size());
        few(g, "wants", form.wants().size());
        g.orRefuse();
        int pieces = form.wants().stream().mapToInt(Want::count).sum();
        if (pieces > Want.COUNT.high()) {
            throw new InvalidInputException(
                    "wants", pieces + " pieces", "up to 5000 pieces in one plan", "Plan them in two parts.");
        }
        return CuttingView.CuttingPlanView.of(
                Cutting.plan(form.sticks(), form.wants()), "", Source.ENTERED, Source.ENTERED);
    }

    private static void few(Gathering g, String field, int found) {
        if (found > MOST) {
            g.error(field, Integer.toString(found), "up to " + MOST, "Plan them in two parts.");
        }
    }
}
