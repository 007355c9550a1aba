package fairember.core.batch;

import fairember.core.foilcore.FoilRoll;
import fairember.core.input.Figures;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import fairember.core.wire.WireCoil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** What to order of what is sold by its length: wire on coils, foil on rolls. */
final class LengthShopping {
    private final List<BatchSchedule.HandsTask> tasks;
    private final Predicate<BatchSchedule.HandsTask> first;

    /** @param first whether a task is the first of its job */
    LengthShopping(List<BatchSchedule.HandsTask> tasks, Predicate<BatchSchedule.HandsTask> first) {
        this.tasks = tasks;
        this.first = first;
    }

    /** A line for each kind of wire that is used. */
    List<Shopping.Line> wires(List<WireCoil> coils) {
        Map<WireKind, List<Wire>> kinds = new LinkedHashMap<>();
        tasks.stream()
                .filter(first)
                .forEach(task -> task.job()
                        .design()
                        .design()
                        .armature()
                        .wires()
                        .forEach(wire -> kinds.computeIfAbsent(
                                        new WireKind(wire.gauge(), wire.metal()), kind -> new ArrayList<>())
                                .add(wire)));
        return kinds.entrySet().stream()
                .map(of -> wire(of.getKey(), of.getValue(), coils))
                .toList();
    }

    private record WireKind(Gauge gauge, Metal metal) {
        boolean is(Wire wire) {
            return wire.gauge().equals(gauge) && wire.metal() == metal;
        }
    }

    /** New coils are of the kind that is cheapest for a metre; where no such coil was ever bought, it is bought by the metre. */
    private Shopping.Line wire(WireKind kind, List<Wire> wires, List<WireCoil> coils) {
        double longest =
                wires.stream().mapToDouble(wire -> wire.length().mm()).max().orElseThrow();
        List<WireCoil> holding = coils.stream()
                .filter(coil -> coil.holds(kind.gauge(), kind.metal()))
                .toList();
        double needed =
                tasks.stream().mapToDouble(task -> millimetres(task, kind)).sum();
        double there = holding.stream()
                .mapToDouble(coil -> coil.onShelf() * usable(coil, longest))
                .sum();
        Optional<WireCoil> sold = holding.stream()
                .filter(coil -> usable(coil, longest) > 0 && coil.price().minor() > 0)
                .min(Comparator.comparingDouble(
                        coil -> coil.price().minor() / coil.length().mm()));
        double missing = Math.max(0, needed - there);
        double pack = sold.map(coil -> coil.length().mm() / 1000).orElse(1.0);
        double usable = sold.map(coil -> usable(coil, longest)).orElse(1000.0);
        int packs = (int) Math.ceil(missing / usable - Shopping.HAIR);
        return new Shopping.Line(
                Shopping.Kind.WIRE,
                0,
                sold.map(WireCoil::name)
                        .orElse(kind.metal().label() + " wire, "
                                + Figures.show(kind.gauge().mm(), "mm")),
                "m",
                needed / 1000,
                holding.stream()
                                .mapToDouble(
                                        coil -> coil.onShelf() * coil.length().mm())
                                .sum()
                        / 1000,
                0,
                packs == 0 ? List.of() : List.of(new Shopping.Pack(pack, packs)),
                sold.map(coil -> coil.price().times(packs)).orElse(Money.ZERO),
                Shopping.runsOut(tasks, there, task -> millimetres(task, kind)),
                0);
    }

    private double millimetres(BatchSchedule.HandsTask task, WireKind kind) {
        if (!first.test(task)) {
            return 0;
        }
        return task.job().design().design().armature().wires().stream()
                .filter(kind::is)
                .mapToDouble(
                        wire -> wire.length().mm() * wire.count() * task.job().quantity())
                .sum();
    }

    /** What of a coil is sure to be used when wires up to a length are cut from it: a shorter end may be left. */
    private static double usable(WireCoil coil, double longestMm) {
        return Math.max(0, coil.length().mm() - longestMm);
    }

    /**
     * What to order of foil.
     *
     * @param torn off the roll for all batches
     */
    Shopping.Line foil(Length torn, Shopping.Shelf shelf) {
        Length left = shelf.foilLeft();
        FoilRoll roll = shelf.roll();
        double there = left == null ? Double.POSITIVE_INFINITY : left.mm();
        double needed = torn.mm();
        int rolls = (int) Math.ceil(Math.max(0, needed - there) / roll.length().mm() - Shopping.HAIR);
        return new Shopping.Line(
                Shopping.Kind.FOIL,
                0,
                "Foil",
                "m",
                needed / 1000,
                there / 1000,
                0,
                rolls == 0 ? List.of() : List.of(new Shopping.Pack(roll.length().mm() / 1000, rolls)),
                roll.price().times(rolls),
                Shopping.runsOut(
                        tasks,
                        there,
                        task -> first.test(task)
                                ? task.job().design().torn().mm() * task.job().quantity()
                                : 0),
                0);
    }
}
