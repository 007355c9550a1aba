package fairember.app.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;

/** The studio's time: that of the wall, or from another moment on, or faster, so that a bake can be tried in minutes. */
public final class StudioClock extends Clock {
    private final Clock wall;
    private Instant wallThen;
    private Instant then;
    private double speed;

    /**
     * A clock that begins at {@code from} now.
     *
     * @param speed of its seconds for each of the wall's
     */
    public StudioClock(Clock wall, Instant from, double speed) {
        this.wall = wall;
        this.wallThen = wall.instant();
        this.then = from;
        this.speed = speed;
    }

    /**
     * A time as it is written: an instant or one with its offset, or what the clock on the wall of a zone shows.
     *
     * @throws java.time.format.DateTimeParseException when it is neither
     */
    public static Instant parse(String text, ZoneId zone) {
        TemporalAccessor read =
                DateTimeFormatter.ISO_DATE_TIME.parseBest(text, OffsetDateTime::from, LocalDateTime::from);
        return read instanceof OffsetDateTime offset
                ? offset.toInstant()
                : ((LocalDateTime) read).atZone(zone).toInstant();
    }

    /** What the clock on the wall shows at an instant. */
    public LocalDateTime local(Instant at) {
        return LocalDateTime.ofInstant(at, getZone());
    }

    /** Goes on from this instant, unless it is past it already: what has happened stays in the past. */
    public synchronized void notBefore(Instant at) {
        if (instant().isBefore(at)) {
            wallThen = wall.instant();
            then = at;
        }
    }

    /** Goes on from now a number of times as fast as the wall's. */
    public synchronized void speed(double times) {
        Instant now = instant();
        wallThen = wall.instant();
        then = now;
        speed = times;
    }

    public synchronized double speed() {
        return speed;
    }

    @Override
    public synchronized Instant instant() {
        return then.plusMillis(
                Math.round(Duration.between(wallThen, wall.instant()).toMillis() * speed));
    }

    @Override
    public ZoneId getZone() {
        return wall.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new StudioClock(wall.withZone(zone), instant(), speed());
    }
}
