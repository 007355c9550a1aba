package fairember.app.oven;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.ovenload.Bake;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A load that went into an oven, the first when none is named; out is absent while it is in. */
public record LoadForm(
        double tempC,
        double bakingMin,
        Instant inAt,
        @Nullable Instant outAt,
        List<LoadItemForm> items,
        @Nullable Long ovenId) {
    static final Span TEMP = Span.of("tempC", "temperature", 40, 220, "°C");
    static final Span BAKING_TIME = Span.of("bakingMin", "baking time", 1, 600, "min");

    /** A number of things of a stage bake of a design in a batch. */
    public record LoadItemForm(long batchId, long designId, int stage, int count) {}

    /** Refuses what no load can be. */
    public void check() {
        Gathering g = new Gathering();
        g.at("", () -> new Temperature(TEMP.check(tempC)));
        g.at("", () -> new Minutes(BAKING_TIME.check(bakingMin)));
        g.at("", () -> given("inAt", inAt));
        if (inAt != null && outAt != null && outAt.isBefore(inAt)) {
            g.error("outAt", "out before it went in", "a time after it went in", "Check the time.");
        }
        List<LoadItemForm> given = g.at("", () -> all("items", items)).orElse(List.of());
        if (given.isEmpty()) {
            g.error("items", "an empty tray", "one item or more", "Put something on the tray.");
        }
        Set<LoadItemForm> seen = new HashSet<>();
        for (int i = 0; i < given.size(); i++) {
            LoadItemForm item = given.get(i);
            g.at("items[" + i + "]", () -> Bake.COUNT.check(item.count()));
            if (!seen.add(new LoadItemForm(item.batchId(), item.designId(), item.stage(), 1))) {
                g.error("items[" + i + "]", "the same bake twice", "each bake once", "Enter one count for both.");
            }
        }
        g.orRefuse();
    }

    /** The oven it is in. */
    public long oven() {
        return or(ovenId, OvenStore.FIRST);
    }

    /** When it is due out. */
    public Instant dueOut() {
        return inAt.plusSeconds(Math.round(bakingMin * 60));
    }
}
