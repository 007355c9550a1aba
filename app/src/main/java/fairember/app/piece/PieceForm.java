package fairember.app.piece;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.bake.StageKind;
import fairember.core.measure.Gathering;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.measure.Refused;
import fairember.core.measure.Words;
import fairember.core.piece.Fitting;
import fairember.core.piece.Part;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceKind;
import fairember.core.piece.Pose;
import fairember.core.piece.Stage;
import fairember.core.piece.Station;
import fairember.core.piece.Step;
import fairember.core.stock.BlockSize;
import fairember.core.stock.BoughtPart;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A piece: its parts, stage bakes, route, bought parts and gate. No price means it is reckoned from the margin. */
public record PieceForm(
        String name,
        PieceKind kind,
        Pose pose,
        List<PartForm> parts,
        List<StageForm> stages,
        List<StepForm> steps,
        List<FittingForm> fittings,
        List<String> gate,
        @Nullable Long priceMinor) {

    /** A stage bake. */
    public record StageForm(String name, StageKind kind, boolean loose, double coolingMin) {
        private Stage parse() {
            Stage.COOLING.check(coolingMin);
            return new Stage(given("name", name), given("kind", kind), loose, new Minutes(coolingMin));
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
        Long asked = priceMinor;
        var price = asked == null
                ? Optional.<Money>empty()
                : g.at("", () -> new Money((long) BlockSize.PRICE.check((double) asked)));
        g.orRefuse();
        return new Piece(
                id,
                checkedName.orElseThrow(),
                checkedKind.orElseThrow(),
                checkedPose.orElseThrow(),
                checkedParts,
                checkedStages,
                checkedSteps,
                checkedFittings,
                checkedGate.orElseThrow(),
                price.orElse(null));
    }

    private static <F, T> List<T> each(Gathering g, String field, List<F> forms, Function<F, T> parse) {
        List<F> told = g.at("", () -> all(field, forms)).orElse(List.of());
        List<Supplier<T>> suppliers =
                told.stream().<Supplier<T>>map(form -> () -> parse.apply(form)).toList();
        return g.all(field, suppliers);
    }
}
