package fairember.core.studio;

import fairember.core.batch.BakeRef;
import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.loadstart.LoadOutcome;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A load that went into an oven.
 *
 * @param baking minutes at temperature
 * @param outAt null while it is in
 * @param ovenId the studio's first oven when none is named
 * @param outcome what was done with it; baked while it is in
 * @param notes what was asked of it and answered
 */
public record LoggedLoad(
        Temperature temp,
        Minutes baking,
        Instant inAt,
        @Nullable Instant outAt,
        List<LoadItem> items,
        @Default("1") @RefersTo("oven") long ovenId,
        @Default("BAKED") LoadOutcome outcome,
        @Default("[]") List<String> notes) {
    public static final Span TEMP = Span.of("tempC", "temperature", 40, 220, "°C");
    public static final Span BAKING_TIME = Span.of("bakingMin", "baking time", 1, 600, "min");

    /**
     * A load that can be.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public LoggedLoad {
        items = items.stream().map(LoadItem::whole).toList();
        notes = List.copyOf(notes);
        Gathering g = new Gathering();
        if (outAt != null && outAt.isBefore(inAt)) {
            g.error("outAt", "out before it went in", "a time after it went in", "Check the time.");
        }
        if (items.isEmpty()) {
            g.error("items", "an empty tray", "one item or more", "Put something on the tray.");
        }
        Set<BakeRef> seen = new HashSet<>();
        for (int i = 0; i < items.size(); i++) {
            if (!seen.add(items.get(i).bake())) {
                g.error("items[" + i + "]", "the same bake twice", "each bake once", "Enter one count for both.");
            }
        }
        g.orRefuse();
    }

    /** The same load, out of the oven, with another note; no note when the text is empty. */
    public LoggedLoad out(Instant at, LoadOutcome as, String note) {
        return new LoggedLoad(temp, baking, inAt, at, items, ovenId, as, with(note));
    }

    /** The same load with other items. */
    public LoggedLoad of(List<LoadItem> corrected, String note) {
        return new LoggedLoad(temp, baking, inAt, outAt, corrected, ovenId, outcome, with(note));
    }

    private List<String> with(String note) {
        List<String> more = new ArrayList<>(notes);
        if (!note.isEmpty()) {
            more.add(note);
        }
        return more;
    }

    /** When it is due out. */
    public Instant dueOut() {
        return inAt.plusSeconds(Math.round(baking.min() * 60));
    }
}
