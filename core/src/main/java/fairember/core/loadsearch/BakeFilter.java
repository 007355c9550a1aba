package fairember.core.loadsearch;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Stretch;
import fairember.core.ovenload.TrayPacking;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Separates bakes that can be planned from those that no plan can contain, and says why. */
final class BakeFilter {
    private final LoadProblem problem;
    private final Map<BakeKey, Bake> byKey = new HashMap<>();
    private final Map<BakeKey, Boolean> out = new HashMap<>();
    private final List<Advice> advice = new ArrayList<>();

    private BakeFilter(LoadProblem problem) {
        this.problem = problem;
    }

    /** What can be planned, and a finding for each bake that cannot or is too late already. */
    record FilteredBakes(List<Bake> bakes, List<Advice> advice) {}

    /**
     * Sifts.
     *
     * @throws InvalidInputException when two bakes share a key, or one waits for or is kept apart from a key that is not there
     */
    static FilteredBakes filter(LoadProblem problem) {
        BakeFilter bakeFilter = new BakeFilter(problem);
        bakeFilter.keys();
        bakeFilter.rings();
        problem.bakes().forEach(bakeFilter::alone);
        List<Bake> left = new ArrayList<>();
        for (Bake bake : problem.bakes()) {
            if (!bakeFilter.left(bake, new HashSet<>())) {
                left.add(bake);
                bakeFilter.late(bake);
            }
        }
        return new FilteredBakes(left, bakeFilter.advice);
    }

    private void keys() {
        for (Bake bake : problem.bakes()) {
            if (byKey.put(bake.key(), bake) != null) {
                throw new InvalidInputException(
                        "key", bake.key().words() + " twice", "each key once", "Give every bake its own key.");
            }
        }
        for (LoadProblem.Apart pair : problem.apart()) {
            for (BakeKey key : List.of(pair.one(), pair.other())) {
                if (!byKey.containsKey(key)) {
                    throw new InvalidInputException(
                            "apart", key.words(), "the key of a bake in this plan", "Name two planned bakes.");
                }
            }
        }
        for (Bake bake : problem.bakes()) {
            for (Bake.Wait wait : bake.after()) {
                if (!byKey.containsKey(wait.key())) {
                    throw new InvalidInputException(
                            "after", wait.key().words(), "the key of a bake in this plan", "Name a planned bake.");
                }
            }
        }
    }

    private void leave(Bake bake, String rule, String message, String fix) {
        if (out.put(bake.key(), true) == null) {
            advice.add(Advice.stop(rule, message, fix, bake.name()));
        }
    }

    private void rings() {
        for (Bake bake : problem.bakes()) {
            if (reaches(bake, bake.key(), new HashSet<>())) {
                leave(
                        bake,
                        "ring",
                        bake.name() + " waits for itself, through the parts it is built on.",
                        "Remove one of these dependencies.");
            }
        }
    }

    private boolean reaches(Bake from, BakeKey key, Set<BakeKey> seen) {
        for (Bake.Wait wait : from.after()) {
            Bake before = byKey.get(wait.key());
            boolean there =
                    wait.key().equals(key) || (before != null && seen.add(wait.key()) && reaches(before, key, seen));
            if (there) {
                return true;
            }
        }
        return false;
    }

    private void alone(Bake bake) {
        if (problem.ovens().isEmpty()) {
            leave(bake, "no-oven", bake.name() + " has no oven.", "Add the oven you bake in.");
        } else if (bake.low().compareTo(bake.high()) > 0) {
            leave(
                    bake,
                    "no-temperature",
                    bake.name() + " has no temperature that suits all its clays.",
                    "Use clays of one range, or bake the parts separately.");
        } else {
            List<LoadProblem.OvenUse> large = problem.ovens().stream()
                    .filter(use -> new TrayPacking(use.oven()).takes(bake.unit(), bake.turns()))
                    .toList();
            List<LoadProblem.OvenUse> open = large.stream()
                    .filter(use -> use.hours().isEmpty()
                            || use.oven().keeps(bake.bakingTime()).min() <= longest(use.hours()))
                    .toList();
            if (large.isEmpty()) {
                tooLarge(bake);
            } else if (open.isEmpty()) {
                tooLong(bake, large);
            } else {
                tooMany(bake, open);
            }
            unshaped(bake);
        }
    }

    private void tooLarge(Bake bake) {
        Oven first = problem.ovens().get(0).oven();
        leave(
                bake,
                "too-large",
                "%s is %.0f × %.0f mm and %.0f mm high; the tray is %.0f × %.0f mm with %.0f mm above it."
                        .formatted(
                                bake.name(),
                                bake.unit().width().mm(),
                                bake.unit().depth().mm(),
                                bake.unit().height().mm(),
                                first.trayWidth().mm(),
                                first.trayDepth().mm(),
                                first.clearance().mm()),
                "Lay the piece on its back, bake it in parts, or use a larger oven.");
    }

    private void tooLong(Bake bake, List<LoadProblem.OvenUse> large) {
        double needed = large.stream()
                .mapToDouble(use -> use.oven().keeps(bake.bakingTime()).min())
                .min()
                .orElse(0);
        leave(
                bake,
                "hours-short",
                "A load for %s takes %s with preheat, longer than its oven may run without a break."
                        .formatted(bake.name(), Figures.show(needed, "min")),
                "Work longer that day, or bake in stages. Never bake with nobody there.");
    }

    private void unshaped(Bake bake) {
        boolean shaped = problem.makers().hours().isEmpty()
                || problem.makers().breaks()
                || bake.hands().work().min() <= longest(problem.makers().hours());
        if (!shaped) {
            leave(
                    bake,
                    "hands-short",
                    "Shaping for %s takes %s without a break, longer than anybody is there."
                            .formatted(
                                    bake.name(),
                                    Figures.show(bake.hands().work().min(), "min")),
                    "Allow a break, or make fewer at a time.");
        }
    }

    private static double longest(List<Stretch> hours) {
        return hours.stream()
                .mapToDouble(h -> h.to().min() - h.from().min())
                .max()
                .orElse(0);
    }

    private void tooMany(Bake bake, List<LoadProblem.OvenUse> open) {
        int most = open.stream()
                .mapToInt(use -> most(new TrayPacking(use.oven()), bake))
                .max()
                .orElse(0);
        if (!Splitting.may(bake.count(), Math.min(bake.least(), bake.count()), most)) {
            leave(
                    bake,
                    "too-many",
                    "At least %d of %s must share a load, and an oven holds %d: %d cannot be divided that way."
                            .formatted(bake.least(), bake.name(), most, bake.count()),
                    "Allow fewer of them to share a load.");
        }
    }

    private static int most(TrayPacking packing, Bake bake) {
        return Splitting.most(
                bake.count(),
                n -> packing.lay(List.of(new TrayPacking.Lot(bake.key(), n, bake.unit(), bake.turns())))
                        .isPresent());
    }

    /** Whether a bake, or one it waits for, is left out. */
    private boolean left(Bake bake, Set<BakeKey> seen) {
        if (out.getOrDefault(bake.key(), false)) {
            return true;
        }
        Optional<Bake> missing = bake.after().stream()
                .map(wait -> byKey.get(wait.key()))
                .filter(before -> before != null && seen.add(before.key()) && left(before, seen))
                .findFirst();
        missing.ifPresent(before -> leave(
                bake,
                "waits",
                "%s waits for %s, which could not be planned.".formatted(bake.name(), before.name()),
                "Fix that one first."));
        return missing.isPresent();
    }

    private void late(Bake bake) {
        if (bake.due().isPresent() && bake.due().getAsDouble() < 0) {
            advice.add(Advice.caution(
                    "due-past",
                    bake.name() + " was due before this plan starts, so it will be late.",
                    "Tell your customer, or set another date.",
                    bake.name()));
        }
    }
}
