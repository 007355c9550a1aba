package fairember.app.probe;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Readings of a probe, in any order. */
public record ProbeReadingsForm(List<ProbeReadingForm> readings) {
    /** What it read, and when, by the studio's local time. */
    public record ProbeReadingForm(
            @Nullable LocalDateTime at, @Nullable Double tempC) {}
}
