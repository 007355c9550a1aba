package fairember.app.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

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

    /** Goes on from now so many times as fast as the wall's. */
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
