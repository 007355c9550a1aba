package fairember.app.piece;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.bake.School;
import fairember.core.bake.StageKind;
import fairember.core.measure.Gathering;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.measure.Refused;
import fairember.core.measure.Words;
import fairember.core.piece.Armature;
import fairember.core.piece.Drawn;
import fairember.core.piece.Fitting;
import fairember.core.piece.Insert;
import fairember.core.piece.Part;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceKind;
import fairember.core.piece.Pin;
import fairember.core.piece.Pose;
import fairember.core.piece.Stage;
import fairember.core.piece.Station;
import fairember.core.piece.Step;
import fairember.core.stock.BlockSize;
import fairember.core.stock.BoughtPart;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A piece: its parts, stage bakes, route, bought parts, gate and what it is built on. No price means it is reckoned from the margin;
 * no pin, that it does not hang; no school, that it is baked as the studio bakes;
 * not drawn as one or the pair, that nobody said it or that it is no pair.
 */
public record PieceForm(
        String name,
        @Nullable String collection,
        PieceKind kind,
        Pose pose,
        List<PartForm> parts,
        List<StageForm> stages,
        List<StepForm> steps,
        List<FittingForm> fittings,
        List<String> gate,
        @Nullable List<InsertForm> inserts,
        @Nullable List<WireForm> wires,
        @Nullable PinForm pin,
        @Nullable Long priceMinor,
        @Nullable School school,
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

    /** A step of the route; its stage is the bake it comes before. */
    public record StepForm(String name, Station station, double setupMin, double eachMin, int stage) {
        private Step parse() {
            Step.SETUP.check(setupMin);
            Step.EACH.check(eachMin);
            return new Step(
                    given("name", name), given("station", station), new Minutes(setupMin), new Minutes(eachMin), stage);
        }
    }

    /** A bought part that is fitted. */
    public record FittingForm(long boughtPartId, int count) {
        private Fitting parse(Map<Long, BoughtPart> bought) {
            BoughtPart part = bought.get(boughtPartId);
            if (part == null) {
                throw new Refused(
                        "boughtPartId", "part " + boughtPartId, "a bought part on the shelf", "Choose a bought part.");
            }
            return new Fitting(part, count);
        }
    }

    /** The piece as the core takes it; refused with everything that is wrong. */
    public Piece parse(long id, Map<Long, BoughtPart> bought) {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var checkedKind = g.at("", () -> given("kind", kind));
        var checkedPose = g.at("", () -> given("pose", pose));
        List<Part> checkedParts = each(g, "parts", parts, PartForm::parse);
        List<Stage> checkedStages = each(g, "stages", stages, StageForm::parse);
        List<Step> checkedSteps = each(g, "steps", steps, StepForm::parse);
        List<Fitting> checkedFittings = each(g, "fittings", fittings, f -> f.parse(bought));
        Optional<List<String>> checkedGate = g.at("", () -> all("gate", gate));
        List<Insert> checkedInserts = each(g, "inserts", or(inserts, List.of()), InsertForm::parse);
        List<Wire> checkedWires = each(g, "wires", or(wires, List.of()), WireForm::parse);
        PinForm toldPin = pin;
        Pin checkedPin = toldPin == null ? null : g.at("pin", toldPin::parse).orElse(null);
        Long asked = priceMinor;
        var price = asked == null
                ? Optional.<Money>empty()
                : g.at("", () -> new Money((long) BlockSize.PRICE.check((double) asked)));
        g.orRefuse();
        return new Piece(
                id,
                checkedName.orElseThrow(),
                or(collection, ""),
                checkedKind.orElseThrow(),
                checkedPose.orElseThrow(),
                checkedParts,
                checkedStages,
                checkedSteps,
                checkedFittings,
                checkedGate.orElseThrow(),
                new Armature(checkedInserts, checkedWires, checkedPin),
                price.orElse(null),
                school,
                drawn);
    }

    /** The form that parses to this piece. */
    static PieceForm of(Piece piece) {
        Pin pin = piece.armature().pin();
        Money price = piece.price();
        return new PieceForm(
                piece.name(),
                piece.collection(),
                piece.kind(),
                piece.pose(),
                piece.parts().stream().map(PartForm::of).toList(),
                piece.stages().stream()
                        .map(s -> new StageForm(
                                s.name(), s.kind(), s.loose(), s.cooling().min(), s.quench()))
                        .toList(),
                piece.steps().stream()
                        .map(s -> new StepForm(
                                s.name(), s.station(), s.setup().min(), s.each().min(), s.stage()))
                        .toList(),
                piece.fittings().stream()
                        .map(f -> new FittingForm(f.part().id(), f.count()))
                        .toList(),
                piece.gate(),
                piece.armature().inserts().stream().map(InsertForm::of).toList(),
                piece.armature().wires().stream().map(WireForm::of).toList(),
                pin == null ? null : new PinForm(pin.acrossMm(), pin.upMm()),
                price == null ? null : price.minor(),
                piece.school(),
                piece.drawn());
    }

    private static <F, T> List<T> each(Gathering g, String field, List<F> forms, Function<F, T> parse) {
        List<F> told = g.at("", () -> all(field, forms)).orElse(List.of());
        List<Supplier<T>> suppliers =
                told.stream().<Supplier<T>>map(form -> () -> parse.apply(form)).toList();
        return g.all(field, suppliers);
    }
}
