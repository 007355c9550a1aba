package fairember.core.ovenload;

import fairember.core.finding.Finding;
import fairember.core.measure.Refused;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Groups stage bakes into loads by rule: a bake goes into the first load after those it waits for whose temperature and
 * hold suit it and whose tray has room; among bakes of equal standing the longest hold goes first. What does not fit
 * goes on to the next load. The plan depends on nothing but its input.
 */
public final class LoadPlanning {
    private final Oven oven;
    private final TrayPacking packing;
    private final List<OpenLoad> loads = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();

    private LoadPlanning(Oven oven) {
        this.oven = oven;
        this.packing = new TrayPacking(oven);
    }

    /**
     * The loads for these bakes. A bake that no load can take is left out, with those that wait for it, and a finding
     * says why.
     *
     * @throws Refused when two bakes share a key, or bakes wait for each other in a ring or for one that is not there
     */
    public static LoadPlan plan(List<Bake> bakes, Oven oven) {
        Map<String, Integer> depths = Precedence.depths(bakes);
        LoadPlanning planning = new LoadPlanning(oven);
        Map<String, Integer> doneBy = new HashMap<>();
        List<Bake> ordered = new ArrayList<>(bakes);
        ordered.sort(Comparator.comparingInt((Bake b) -> depths.getOrDefault(b.key(), 0))
                .thenComparing(Bake::hold, Comparator.reverseOrder())
                .thenComparing(Bake::key));
        for (Bake bake : ordered) {
            planning.place(bake, doneBy);
        }
        return new LoadPlan(planning.loads.stream().map(OpenLoad::close).toList(), planning.findings);
    }

    private void place(Bake bake, Map<String, Integer> doneBy) {
        Optional<Finding> impossible = impossible(bake, doneBy);
        if (impossible.isPresent()) {
            findings.add(impossible.get());
            return;
        }
        int from = bake.after().stream()
                .mapToInt(key -> doneBy.getOrDefault(key, -1) + 1)
                .max()
                .orElse(0);
        Map<Integer, String> passedOver = new LinkedHashMap<>();
        for (int i = 0; i < from; i++) {
            passedOver.put(i, "something it is built on is not done yet");
        }
        int left = bake.count();
        for (int i = from; left > 0; i++) {
            if (i == loads.size()) {
                loads.add(new OpenLoad(oven, packing));
            }
            OpenLoad load = loads.get(i);
            Optional<String> unfit = load.unfit(bake);
            if (unfit.isPresent()) {
                passedOver.put(i, unfit.get());
                continue;
            }
            int taken = load.take(bake, left);
            left -= taken;
            if (taken > 0) {
                doneBy.put(bake.key(), i);
                passedOver.forEach((index, reason) -> load.explain(passed(bake, index, reason)));
                passedOver.clear();
            }
            if (left > 0) {
                passedOver.put(i, "the tray is full" + (taken == 0 ? "" : " after " + taken));
            }
        }
    }

    private static Finding passed(Bake bake, int load, String reason) {
        return Finding.keeps(
                "not-earlier", "%s not in load %d: %s.".formatted(bake.name(), load + 1, reason), bake.name());
    }

    private Optional<Finding> impossible(Bake bake, Map<String, Integer> doneBy) {
        Box unit = bake.unit();
        String name = bake.name();
        if (bake.low().compareTo(bake.high()) > 0) {
            return Optional.of(Finding.breaks(
                    "no-temperature",
                    name + " has no temperature its clays share.",
                    "Use clays of one line, or bake the parts apart.",
                    name));
        }
        if (unit.height().compareTo(oven.clearance()) > 0 || !packing.takes(unit)) {
            return Optional.of(Finding.breaks(
                    "too-large",
                    "%s is %.0f × %.0f mm and %.0f mm high; the tray is %.0f × %.0f mm with %.0f mm above it."
                            .formatted(
                                    name,
                                    unit.width().mm(),
                                    unit.depth().mm(),
                                    unit.height().mm(),
                                    oven.trayWidth().mm(),
                                    oven.trayDepth().mm(),
                                    oven.clearance().mm()),
                    "Lay it on its back, bake it in parts, or use a larger oven.",
                    name));
        }
        boolean waits = bake.after().stream().anyMatch(key -> !doneBy.containsKey(key));
        return waits
                ? Optional.of(Finding.breaks(
                        "waits", name + " waits for a bake that could not be planned.", "Mend that one first.", name))
                : Optional.empty();
    }
}
