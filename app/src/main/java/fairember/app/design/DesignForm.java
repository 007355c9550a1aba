package fairember.app.design;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.design.Armature;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.Drawn;
import fairember.core.design.Fitting;
import fairember.core.design.Insert;
import fairember.core.design.Part;
import fairember.core.design.Pin;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockSize;
import fairember.core.stock.Finding;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A design: its parts, stage bakes, steps, findings, checks and what it is built on. No price means it is calculated from the margin;
 * no pin, that it does not hang; no baking method, that it is baked as the studio bakes;
 * not drawn as one or the pair, that nobody said it or that it is no pair.
 */
public record DesignForm(
        String name,
        @Nullable String collection,
        DesignKind kind,
        Pose pose,
        List<PartForm> parts,
        List<StageForm> stages,
        List<StepForm> steps,
        List<FittingForm> fittings,
        List<String> checks,
        @Nullable List<InsertForm> inserts,
        @Nullable List<WireForm> wires,
        @Nullable PinForm pin,
        @Nullable Long priceMinor,
        @Nullable BakingMethod bakingMethod,
        @Nullable Drawn drawn) {

    /** The eye it hangs from. */
    public record PinForm(double acrossMm, double upMm) {
        private Pin parse() {
            return new Pin(acrossMm, upMm);
        }
    }

    /** A stage bake. */
    public record StageForm(
            String name,
            StageKind kind,
            boolean loose,
            double coolingMin,
            @Nullable Boolean quench) {
        private Stage parse() {
            Stage.COOLING.check(coolingMin);
            return new Stage(
                    given("name", name), given("kind", kind), loose, new Minutes(coolingMin), or(quench, false));
        }
    }

    /** A step; its stage is the bake it comes before. */
    public record StepForm(String name, Station station, double setupMin, double eachMin, int stage) {
        private Step parse() {
            Step.SETUP.check(setupMin);
            Step.EACH.check(eachMin);
            return new Step(
                    given("name", name), given("station", station), new Minutes(setupMin), new Minutes(eachMin), stage);
        }
    }

    /** A finding that is fitted. */
    public record FittingForm(long findingId, int count) {
        private Fitting parse(Map<Long, Finding> findings) {
            Finding part = findings.get(findingId);
            if (part == null) {
                throw new InvalidInputException(
                        "findingId", "part " + findingId, "a finding on the shelf", "Choose a finding.");
            }
            return new Fitting(part, count);
        }
    }

    /** The design as the core takes it; refused with everything that is wrong. */
    public Design parse(long id, Map<Long, Finding> findings) {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var checkedKind = g.at("", () -> given("kind", kind));
        var checkedPose = g.at("", () -> given("pose", pose));
        List<Part> checkedParts = each(g, "parts", parts, PartForm::parse);
        List<Stage> checkedStages = each(g, "stages", stages, StageForm::parse);
        List<Step> checkedSteps = each(g, "steps", steps, StepForm::parse);
        List<Fitting> checkedFittings = each(g, "fittings", fittings, f -> f.parse(findings));
        Optional<List<String>> checkedChecks = g.at("", () -> all("checks", checks));
        List<Insert> checkedInserts = each(g, "inserts", or(inserts, List.of()), InsertForm::parse);
        List<Wire> checkedWires = each(g, "wires", or(wires, List.of()), WireForm::parse);
        PinForm givenPin = pin;
        Pin checkedPin = givenPin == null ? null : g.at("pin", givenPin::parse).orElse(null);
        Long asked = priceMinor;
        var price = asked == null
                ? Optional.<Money>empty()
                : g.at("", () -> new Money((long) BlockSize.PRICE.check((double) asked)));
        g.orRefuse();
        return new Design(
                id,
                checkedName.orElseThrow(),
                or(collection, ""),
                checkedKind.orElseThrow(),
                checkedPose.orElseThrow(),
                checkedParts,
                checkedStages,
                checkedSteps,
                checkedFittings,
                checkedChecks.orElseThrow(),
                new Armature(checkedInserts, checkedWires, checkedPin),
                price.orElse(null),
                bakingMethod,
                drawn);
    }

    /** The form that parses to this design. */
    static DesignForm of(Design design) {
        Pin pin = design.armature().pin();
        Money price = design.price();
        return new DesignForm(
                design.name(),
                design.collection(),
                design.kind(),
                design.pose(),
                design.parts().stream().map(PartForm::of).toList(),
                design.stages().stream()
                        .map(s -> new StageForm(
                                s.name(), s.kind(), s.loose(), s.cooling().min(), s.quench()))
                        .toList(),
                design.steps().stream()
                        .map(s -> new StepForm(
                                s.name(), s.station(), s.setup().min(), s.each().min(), s.stage()))
                        .toList(),
                design.fittings().stream()
                        .map(f -> new FittingForm(f.part().id(), f.count()))
                        .toList(),
                design.checks(),
                design.armature().inserts().stream().map(InsertForm::of).toList(),
                design.armature().wires().stream().map(WireForm::of).toList(),
                pin == null ? null : new PinForm(pin.acrossMm(), pin.upMm()),
                price == null ? null : price.minor(),
                design.bakingMethod(),
                design.drawn());
    }

    private static <F, T> List<T> each(Gathering g, String field, List<F> forms, Function<F, T> parse) {
        List<F> given = g.at("", () -> all(field, forms)).orElse(List.of());
        List<Supplier<T>> suppliers =
                given.stream().<Supplier<T>>map(form -> () -> parse.apply(form)).toList();
        return g.all(field, suppliers);
    }
}
