package fairember.core.ovenload;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Minutes;
import fairember.core.measure.Share;
import fairember.core.measure.Temperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A load while it is being filled. */
final class OpenLoad {
    private final Oven oven;
    private final TrayPacking packing;
    private final List<PlannedLoad.Item> items = new ArrayList<>();
    private final List<Finding> why = new ArrayList<>();
    private List<Place> places = List.of();

    OpenLoad(Oven oven, TrayPacking packing) {
        this.oven = oven;
        this.packing = packing;
    }

    private Temperature low() {
        return items.stream()
                .map(i -> i.bake().low())
                .reduce(Temperature::greatest)
                .orElseThrow();
    }

    private Temperature high() {
        return items.stream()
                .map(i -> i.bake().high())
                .reduce(Temperature::least)
                .orElseThrow();
    }

    private double hold() {
        return items.stream().mapToDouble(i -> i.bake().hold().min()).max().orElse(0);
    }

    private double most() {
        return items.stream().mapToDouble(i -> i.bake().most().min()).min().orElse(Double.POSITIVE_INFINITY);
    }

    /** Why a bake cannot share this load, whatever the room; empty when it can. */
    Optional<String> unfit(Bake bake) {
        if (items.isEmpty()) {
            return Optional.empty();
        }
        double low = Math.max(low().c(), bake.low().c());
        double high = Math.min(high().c(), bake.high().c());
        if (low > high) {
            return Optional.of("no temperature suits both: one needs %s °C or more, another %s °C or less"
                    .formatted(Figures.show(low), Figures.show(high)));
        }
        double hold = Math.max(hold(), bake.hold().min());
        double most = Math.min(most(), bake.most().min());
        if (hold > most) {
            return Optional.of("no hold suits both: one needs %s, another takes %s at most"
                    .formatted(minutes(hold), minutes(most)));
        }
        return Optional.empty();
    }

    /** Takes as many things of a bake as the tray holds, up to {@code wanted}. */
    int take(Bake bake, int wanted) {
        int low = 0;
        int high = wanted;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (laid(bake, middle).isPresent()) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        if (low > 0) {
            places = laid(bake, low).orElseThrow();
            items.add(new PlannedLoad.Item(bake, low));
        }
        return low;
    }

    private Optional<List<Place>> laid(Bake bake, int count) {
        List<TrayPacking.Lot> lots = items.stream()
                .map(i ->
                        new TrayPacking.Lot(i.bake().key(), i.count(), i.bake().unit()))
                .collect(Collectors.toCollection(ArrayList::new));
        lots.add(new TrayPacking.Lot(bake.key(), count, bake.unit()));
        return packing.lay(lots);
    }

    void explain(Finding finding) {
        why.add(finding);
    }

    boolean holds(String key) {
        return items.stream().anyMatch(i -> i.bake().key().equals(key));
    }

    PlannedLoad close() {
        double area = places.stream()
                .mapToDouble(p -> p.width().mm() * p.depth().mm())
                .sum();
        double tray = oven.trayWidth().mm() * oven.trayDepth().mm();
        Minutes hold = new Minutes(hold());
        List<Finding> reasons = new ArrayList<>();
        reasons.add(shared());
        reasons.addAll(why);
        return new PlannedLoad(
                items, low(), hold, oven.energyOf(hold), places, new Share(Math.min(1, area / tray)), reasons);
    }

    private Finding shared() {
        String[] names = items.stream().map(i -> i.bake().name()).toArray(String[]::new);
        Bake longest = items.stream()
                .map(PlannedLoad.Item::bake)
                .max((a, b) -> a.hold().compareTo(b.hold()))
                .orElseThrow();
        String temperature = "%s to %s °C suits %s, set at the low end"
                .formatted(
                        Figures.show(low().c()),
                        Figures.show(high().c()),
                        names.length == 1 ? names[0] : "all " + names.length);
        String hold = names.length == 1
                ? "it needs " + minutes(longest.hold().min())
                : "%s needs the longest, %s, within what the others take"
                        .formatted(longest.name(), minutes(longest.hold().min()));
        return Finding.keeps("share", temperature + "; " + hold + ".", names);
    }

    private static String minutes(double min) {
        return Figures.show(Math.round(min * 10) / 10.0, "min");
    }
}
