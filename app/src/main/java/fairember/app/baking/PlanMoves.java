package fairember.app.baking;

import fairember.app.oven.LoadForm;
import fairember.app.oven.WishesForm;
import fairember.app.run.BakeKeys;
import fairember.app.run.LoadPlans;
import fairember.app.run.Planning;
import fairember.app.turns.SearchTurns;
import fairember.app.web.FindingView;
import fairember.core.finding.Finding;
import fairember.core.finding.Verdict;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.measure.Refused;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.PlannedLoad;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Service;

/** Tries moves in the plan: both loads are held as they would be, and the rest is planned anew around them. */
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
        WishesForm wanted = wanted(form, plan, open.wishes());
        LoadProblem moved = planning.open(wanted).problem();
        LoadPlan after = turns.inTurn(
                gone, () -> {}, () -> LoadPlanning.plan(moved, Effort.SEARCH, Optional.of(plan), gone, better -> {}));
        List<Finding> breaks = after.findings().stream()
                .filter(f -> f.verdict() != Verdict.KEEPS && !plan.findings().contains(f))
                .toList();
        return new MovedView(
                FindingView.all(breaks),
                DayView.ScoreView.all(plan.scores()),
                DayView.ScoreView.all(after.scores()),
                wanted);
    }

    /** Refuses at once what cannot be moved. */
    void check(MoveForm form) {
        Planning.Open open = planning.open();
        wanted(form, plans.plan(LoadPlans.ALL, open.problem()), open.wishes());
    }

    /** The wishes there are, but for pins of these two loads, and both loads held as they would be. */
    private WishesForm wanted(MoveForm form, LoadPlan plan, WishesForm wishes) {
        List<LoadForm.LoadItemForm> source = items(plan, form.from(), "from");
        Integer to = form.to();
        List<LoadForm.LoadItemForm> target = to == null ? new ArrayList<>() : items(plan, to, "to");
        if (to != null && to == form.from()) {
            throw new Refused("to", "the load it is in", "another load", "Choose where it is to go.");
        }
        List<WishesForm.PinnedLoadForm> pins = new ArrayList<>(wishes.pins());
        pins.removeIf(pin -> same(pin, source) || same(pin, target));
        LoadForm.LoadItemForm item = form.item();
        if (item == null) {
            throw new Refused("item", "nothing", "some things of that load", "Say what is to be moved.");
        }
        add(source, item, -item.count(), "item.count");
        add(target, item, item.count(), "item.count");
        long from = planning.ovenId(plan.loads().get(form.from()).oven());
        if (!source.isEmpty()) {
            pins.add(new WishesForm.PinnedLoadForm(from, null, source));
        }
        long oven = to == null ? from : planning.ovenId(plan.loads().get(to).oven());
        pins.add(new WishesForm.PinnedLoadForm(oven, null, target));
        return new WishesForm(pins, wishes.apart());
    }

    private static List<LoadForm.LoadItemForm> items(LoadPlan plan, int load, String field) {
        if (load < 0 || load >= plan.loads().size()) {
            throw new Refused(
                    field, "load " + (load + 1), "a load of the plan", "Look again: the plan has changed meanwhile.");
        }
        List<LoadForm.LoadItemForm> items = new ArrayList<>();
        for (PlannedLoad.Item item : plan.loads().get(load).items()) {
            items.add(BakeKeys.item(item.bake().key(), item.count()));
        }
        return items;
    }

    private static void add(List<LoadForm.LoadItemForm> to, LoadForm.LoadItemForm item, int count, String field) {
        int there = 0;
        for (LoadForm.LoadItemForm held : to) {
            if (same(held, item)) {
                there = held.count();
            }
        }
        if (there + count < 0 || item.count() < 1) {
            throw new Refused(field, item.count() + " to move", "1 to " + there, "Move no more than are in that load.");
        }
        to.removeIf(held -> same(held, item));
        if (there + count > 0) {
            to.add(new LoadForm.LoadItemForm(item.runId(), item.pieceId(), item.stage(), there + count));
        }
    }

    private static boolean same(WishesForm.PinnedLoadForm pin, List<LoadForm.LoadItemForm> items) {
        return Set.copyOf(pin.items()).equals(Set.copyOf(items));
    }

    private static boolean same(LoadForm.LoadItemForm a, LoadForm.LoadItemForm b) {
        return a.runId() == b.runId() && a.pieceId() == b.pieceId() && a.stage() == b.stage();
    }
}
