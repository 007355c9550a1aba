package fairember.app.loadstart;

import fairember.core.document.Default;
import fairember.core.input.Span;
import fairember.core.loadstart.LoadOutcome;
import fairember.core.loadstart.StartAnswer;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.time.Instant;
import java.util.List;

/** A load to start now, in the first oven when none is named, and what the maker says to what is asked of it. */
record StartLoadForm(
        Temperature temp,
        Minutes baking,
        List<LoadItem> items,
        @Default("1") long ovenId,
        @Default("[]") List<StartAnswer> answers) {
    static final Span TEMP = LoggedLoad.TEMP;
    static final Span BAKING_TIME = LoggedLoad.BAKING_TIME;

    /** The load, in from a moment on. */
    LoggedLoad from(Instant now, List<String> notes) {
        return new LoggedLoad(temp, baking, now, null, items, ovenId, LoadOutcome.BAKED, notes);
    }
}
