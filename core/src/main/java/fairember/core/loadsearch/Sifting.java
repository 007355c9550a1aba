package fairember.core.loadsearch;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Refused;
import fairember.core.ovenload.Bake;
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

/** Parts the bakes that can be planned from those that no plan can hold, and says why. */
final class Sifting {
    private final LoadProblem problem;
    private final Map<String, Bake> byKey = new HashMap<>();
    private final Map<String, Boolean> out = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private Sifting(LoadProblem problem) {
        this.problem = problem;
    }

    /** What can be planned, and a finding for each bake that cannot or is too late already. */
    record Sifted(List<Bake> bakes, List<Finding> findings) {}

    /**
     * Sifts.
     *
     * @throws Refused when two bakes share a key, or one waits for or is kept apart from a key that is not there
     */
    static Sifted sift(LoadProblem problem) {
        Sifting sifting = new Sifting(problem);
        sifting.keys();
        sifting.rings();
        problem.bakes().forEach(sifting::alone);
        List<Bake> left = new ArrayList<>();
        for (Bake bake : problem.bakes()) {
            if (!sifting.left(bake, new HashSet<>())) {
                left.add(bake);
                sifting.late(bake);
            }
        }
        return new Sifted(left, sifting.findings);
    }

    private void keys() {
        for (Bake bake : problem.bakes()) {
            if (byKey.put(bake.key(), bake) != null) {
                throw new Refused("key", bake.key() + " twice", "each key once", "Give every bake its own key.");
            }
        }
        for (LoadProblem.Apart pair : problem.apart()) {
            for (String key : List.of(pair.one(), pair.other())) {
                if (!byKey.containsKey(key)) {
                    throw new Refused(
                            "apart", key, "the key of a bake in this plan", "Name two bakes that are planned.");
                }
            }
        }
        for (Bake bake : problem.bakes()) {
            for (Bake.Wait wait : bake.after()) {
                if (!byKey.containsKey(wait.key())) {
                    throw new Refused(
                            "after", wait.key(), "the key of a bake in this plan", "Name a bake that is planned.");
                }
            }
        }
    }

    private void leave(Bake bake, String rule, String says, String mend) {
        if (out.put(bake.key(), true) == null) {
            findings.add(Finding.breaks(rule, says, mend, bake.name()));
        }
    }

    private void rings() {
        for (Bake bake : problem.bakes()) {
            if (reaches(bake, bake.key(), new HashSet<>())) {
                leave(
                        bake,
                        "ring",
                        bake.name() + " waits for itself, by way of what it is built on.",
                        "Take one of the waits out.");
            }
        }
    }

    private boolean reaches(Bake from, String key, Set<String> seen) {
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
            leave(bake, "no-oven", bake.name() + " has no oven.", "Tell of the oven you bake in.");
        } else if (bake.low().compareTo(bake.high()) > 0) {
            leave(
                    bake,
                    "no-temperature",
                    bake.name() + " has no temperature its clays share.",
                    "Use clays of one line, or bake the parts apart.");
        } else {
            List<LoadProblem.OvenUse> large = problem.ovens().stream()
                    .filter(use -> new TrayPacking(use.oven()).takes(bake.unit(), bake.turns()))
                    .toList();
            List<LoadProblem.OvenUse> open = large.stream()
                    .filter(use -> use.hours().isEmpty()
                            || use.oven().keeps(bake.hold()).min() <= longest(use.hours()))
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
                "Lay it on its back, bake it in parts, or use a larger oven.");
    }

    private void tooLong(Bake bake, List<LoadProblem.OvenUse> large) {
        double needed = large.stream()
                .mapToDouble(use -> use.oven().keeps(bake.hold()).min())
                .min()
                .orElse(0);
        leave(
                bake,
                "hours-short",
                "A load for %s takes %s with its preheat, longer than an oven that holds it may run at a stretch."
                        .formatted(bake.name(), Figures.show(needed, "min")),
                "Open longer that day, or bake in stages; no baking with nobody there.");
    }

    private void unshaped(Bake bake) {
        boolean shaped = problem.makers().hours().isEmpty()
                || problem.makers().breaks()
                || bake.hands().work().min() <= longest(problem.makers().hours());
        if (!shaped) {
            leave(
                    bake,
                    "hands-short",
                    "Shaping for %s takes %s without a break, longer than anybody is there at a stretch."
                            .formatted(
                                    bake.name(),
                                    Figures.show(bake.hands().work().min(), "min")),
                    "Let it be broken off, or make fewer at a time.");
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
        if (!Parting.may(bake.count(), Math.min(bake.least(), bake.count()), most)) {
            leave(
                    bake,
                    "too-many",
                    "No fewer than %d of %s are to share a load and an oven holds %d: %d cannot be parted so."
                            .formatted(bake.least(), bake.name(), most, bake.count()),
                    "Let fewer of them share a load.");
        }
    }

    private static int most(TrayPacking packing, Bake bake) {
        return Parting.most(
                bake.count(),
                n -> packing.lay(List.of(new TrayPacking.Lot(bake.key(), n, bake.unit(), bake.turns())))
                        .isPresent());
    }

    /** Whether a bake, or one it waits for, is left out. */
    private boolean left(Bake bake, Set<String> seen) {
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
                "Mend that one first."));
        return missing.isPresent();
    }

    private void late(Bake bake) {
        if (bake.due().isPresent() && bake.due().getAsDouble() < 0) {
            findings.add(Finding.warns(
                    "due-past",
                    bake.name() + " was due before this plan begins; it is late whatever is done.",
                    "Tell those who wait, or set another date.",
                    bake.name()));
        }
    }
}
