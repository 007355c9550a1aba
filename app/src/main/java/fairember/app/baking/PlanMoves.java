package fairember.app.baking;

import fairember.app.batch.LoadPlans;
import fairember.app.batch.Planning;
import fairember.app.turns.SearchTurns;
import fairember.app.web.AdviceView;
import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import fairember.core.batch.BakeRef;
import fairember.core.input.InvalidInputException;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.studio.LoadItem;
import fairember.core.studio.PlanConstraints;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Service;

/** Tries moves in the plan: both loads are held as they would be, and the rest is planned again around them. */
@Service
class PlanMoves {
    private final Planning planning;
    private final LoadPlans plans;
    private final SearchTurns turns;

    PlanMoves(Planning planning, LoadPlans plans, SearchTurns turns) {
        this.planning = planning;
        this.plans = plans;
        this.turns = turns;
    }

    /** @param gone whether nobody waits for the answer any more */
    MovedView tried(MoveForm form, BooleanSupplier gone) {
        Planning.Open open = planning.open();
        LoadPlan plan = plans.plan(LoadPlans.ALL, open.problem());
        PlanConstraints wanted = wanted(form, plan, open.constraints());
        LoadProblem moved = planning.open(wanted).problem();
        LoadPlan after = turns.inTurn(
                gone, () -> {}, () -> LoadPlanning.plan(moved, Effort.SEARCH, Optional.of(plan), gone, better -> {}));
        List<Advice> breaks = after.advice().stream()
                .filter(f -> f.grade() != Grade.TIP && !plan.advice().contains(f))
                .toList();
        return new MovedView(
                AdviceView.all(breaks),
                DayView.ScoreView.all(plan.scores()),
                DayView.ScoreView.all(after.scores()),
                wanted);
    }

    /** Refuses at once what cannot be moved. */
    void check(MoveForm form) {
        Planning.Open open = planning.open();
        wanted(form, plans.plan(LoadPlans.ALL, open.problem()), open.constraints());
    }

    /** The constraints, except pins of these two loads, and both loads held as they would be. */
    private PlanConstraints wanted(MoveForm form, LoadPlan plan, PlanConstraints constraints) {
        List<LoadItem> source = items(plan, form.from(), "from");
        Integer to = form.to();
        List<LoadItem> target = to == null ? new ArrayList<>() : items(plan, to, "to");
        if (to != null && to == form.from()) {
            throw new InvalidInputException("to", "the same load", "another load", "Choose the load to move it to.");
        }
        List<PlanConstraints.PinnedLoad> pins = new ArrayList<>(constraints.pins());
        pins.removeIf(pin -> same(pin, source) || same(pin, target));
        LoadItem item = form.item();
        if (item == null) {
            throw new InvalidInputException(
                    "item", "nothing", "one or more items of that load", "Choose what to move.");
        }
        add(source, item, -item.count(), "item.count");
        add(target, item, item.count(), "item.count");
        long from = planning.ovenId(plan.loads().get(form.from()).oven());
        if (!source.isEmpty()) {
            pins.add(new PlanConstraints.PinnedLoad(from, null, source));
        }
        long oven = to == null ? from : planning.ovenId(plan.loads().get(to).oven());
        pins.add(new PlanConstraints.PinnedLoad(oven, null, target));
        return new PlanConstraints(pins, constraints.apart());
    }

    private static List<LoadItem> items(LoadPlan plan, int load, String field) {
        if (load < 0 || load >= plan.loads().size()) {
            throw new InvalidInputException(
                    field, "load " + (load + 1), "a load of the plan", "Look at the plan again: it has changed.");
        }
        List<LoadItem> items = new ArrayList<>();
        for (PlannedLoad.Item item : plan.loads().get(load).items()) {
            items.add(LoadItem.of(BakeRef.of(item.bake()), item.count()));
        }
        return items;
    }

    private static void add(List<LoadItem> to, LoadItem item, int count, String field) {
        int there = 0;
        for (LoadItem saved : to) {
            if (same(saved, item)) {
                there = saved.count();
            }
        }
        if (there + count < 0 || item.count() < 1) {
            throw new InvalidInputException(
                    field, item.count() + " to move", "1 to " + there, "Move no more than the load holds.");
        }
        to.removeIf(saved -> same(saved, item));
        if (there + count > 0) {
            to.add(new LoadItem(item.batchId(), item.designId(), item.stage(), there + count, item.first()));
        }
    }

    private static boolean same(PlanConstraints.PinnedLoad pin, List<LoadItem> items) {
        return Set.copyOf(pin.items()).equals(Set.copyOf(items));
    }

    private static boolean same(LoadItem a, LoadItem b) {
        return a.batchId() == b.batchId()
                && a.designId() == b.designId()
                && a.stage() == b.stage()
                && a.first() == b.first();
    }
}
