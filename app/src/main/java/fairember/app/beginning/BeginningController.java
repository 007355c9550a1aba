package fairember.app.beginning;

import fairember.app.batch.NeedsView;
import fairember.app.batch.Planning;
import fairember.app.design.MeasuredDesignView;
import fairember.app.settings.SettingsStore;
import fairember.core.batch.BatchState;
import fairember.core.beginning.Beginning;
import fairember.core.beginning.Guess;
import fairember.core.beginning.Guessing;
import fairember.core.beginning.Plan;
import fairember.core.beginning.PlanBasis;
import fairember.core.beginning.ReadyOven;
import fairember.core.beginning.ReadyPacket;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.price.DesignCost;
import fairember.core.stock.ClayRange;
import fairember.core.studio.GuessKind;
import fairember.core.studio.Settings;
import fairember.core.studio.StudioOven;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** From nothing to a first plan, and what in a plan is still a guess. */
@RestController
@RequestMapping("/api/beginning")
class BeginningController {
    private final Beginnings beginnings;
    private final Planning planning;
    private final SettingsStore settings;

    BeginningController(Beginnings beginnings, Planning planning, SettingsStore settings) {
        this.beginnings = beginnings;
        this.planning = planning;
        this.settings = settings;
    }

    /** A kind of design, and how high one is before anybody has said. */
    record UsualHeightView(DesignKind kind, String label, double heightMm) {}

    /** What to start from: kinds of designs, packets and ovens that are made up. */
    record ReadyView(List<UsualHeightView> kinds, List<ClayRange> packets, List<StudioOven> ovens, String colourHex) {}

    @GetMapping
    ReadyView ready() {
        return new ReadyView(
                Arrays.stream(DesignKind.values())
                        .map(kind -> new UsualHeightView(
                                kind, kind.label(), Beginning.usualHeight(kind).mm()))
                        .toList(),
                Arrays.stream(ReadyPacket.values()).map(ReadyPacket::range).toList(),
                Arrays.stream(ReadyOven.values()).map(ReadyOven::oven).toList(),
                Beginning.PALE.hex());
    }

    /**
     * A plan of what is only begun.
     *
     * @param daysSpare whole days from its end to the day it is due; negative when it is late
     */
    record FirstPlanView(
            Design design,
            MeasuredDesignView measured,
            NeedsView needs,
            int loads,
            double handsMin,
            LocalDateTime finish,
            long daysSpare,
            long costMinor,
            long priceMinor,
            List<GuessView> guesses) {
        static FirstPlanView of(Beginning beginning, PlanBasis basis, Plan plan, Settings settings) {
            DesignCost cost = plan.costs().get(0);
            return new FirstPlanView(
                    plan.designs().get(0).design(),
                    MeasuredDesignView.of(plan.designs().get(0), settings),
                    NeedsView.of(plan.needs(), plan.schedule().tasks()),
                    plan.schedule().loads().size(),
                    plan.schedule().hands().min(),
                    plan.schedule().finish(),
                    ChronoUnit.DAYS.between(plan.schedule().finish().toLocalDate(), beginning.dueOn()),
                    cost.cost().minor(),
                    cost.price().minor(),
                    GuessView.all(Guessing.of(basis, plan, settings.confirmed())));
        }
    }

    /** Something that is only guessed, and what it is worth to know it. */
    record GuessView(
            GuessKind kind,
            String label,
            String value,
            @Nullable Long valueMinor,
            String instead,
            List<EffectView> effects) {
        static List<GuessView> all(List<Guess> guesses) {
            return guesses.stream()
                    .map(guess -> new GuessView(
                            guess.kind(),
                            guess.kind().label(),
                            guess.value(),
                            guess.money() == null ? null : guess.money().minor(),
                            guess.instead(),
                            guess.effects().stream()
                                    .map(effect -> new EffectView(effect.figure(), effect.from(), effect.to()))
                                    .toList()))
                    .toList();
        }
    }

    /** How a figure of the plan would change: money in minor units, times in minutes, clay in grams. */
    record EffectView(Guess.Figure figure, double from, double to) {}

    /** Plans what is only begun, of a mix or of a plain clay; nothing is saved. */
    @PostMapping("/look")
    FirstPlanView look(@RequestParam(required = false) @Nullable Long mixId, @RequestBody Beginning form) {
        PlanBasis basis = beginnings.basis(form, mixId);
        return FirstPlanView.of(form, basis, basis.plan(), settings.settings());
    }

    /** Numbers of what was begun. */
    record AddedBeginningView(long designId, long batchId) {}

    /** Keeps the design, its batch and, when no mix is given, a plain clay of a made-up packet. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedBeginningView begin(@RequestParam(required = false) @Nullable Long mixId, @RequestBody Beginning form) {
        Beginnings.Kept kept = beginnings.keep(form, mixId);
        return new AddedBeginningView(kept.designId(), kept.batchId());
    }

    /** The number of something new. */
    record AddedPlainView(long id) {}

    /** Keeps a sensible design of a kind; a studio without mixes gets a plain clay with it. */
    @PostMapping("/designs/{kind}")
    @ResponseStatus(HttpStatus.CREATED)
    AddedPlainView design(@PathVariable DesignKind kind) {
        return new AddedPlainView(beginnings.keep(kind));
    }

    /** Keeps a plain clay of a made-up packet, and the mix of it, whose number is given. */
    @PostMapping("/mixes")
    @ResponseStatus(HttpStatus.CREATED)
    AddedPlainView mix() {
        return new AddedPlainView(beginnings.keepPlain());
    }

    /** What in a batch is still a guess; nothing when it is finished, or cannot be planned as it is. */
    @GetMapping("/guesses/{batchId}")
    List<GuessView> guesses(@PathVariable long batchId) {
        Planning.Work work = planning.work(batchId);
        if (work.saved().value().state() == BatchState.FINISHED || work.jobs().isEmpty()) {
            return List.of();
        }
        PlanBasis basis = beginnings.basis(work);
        return GuessView.all(
                Guessing.of(basis, basis.plan(), settings.settings().confirmed()));
    }
}
