package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.app.clock.StudioClock;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.testng.annotations.Test;

public class ClockTest {
    private static final Instant WALL = Instant.parse("2026-01-01T00:00:00Z");
    private static final Instant FROM = Instant.parse("2026-11-26T11:07:00Z");

    /** A wall clock that goes when it is given. */
    private static final class Wall extends Clock {
        private Instant now = WALL;

        @Override
        public Instant instant() {
            return now;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }

    @Test
    public void itBeginsWhereItIsGivenGoesAsFastAsItIsGivenAndNeverJumps() {
        Wall wall = new Wall();
        StudioClock clock = new StudioClock(wall, FROM, 1);
        assertThat(clock.instant()).isEqualTo(FROM);
        wall.now = WALL.plusSeconds(10);
        assertThat(clock.instant()).isEqualTo(FROM.plusSeconds(10));
        clock.speed(60);
        assertThat(clock.instant()).isEqualTo(FROM.plusSeconds(10));
        wall.now = WALL.plusSeconds(11);
        assertThat(clock.instant()).isEqualTo(FROM.plusSeconds(70));
        clock.speed(1);
        wall.now = WALL.plusSeconds(13);
        assertThat(clock.instant()).isEqualTo(FROM.plusSeconds(72));
        assertThat(clock.speed()).isEqualTo(1);
        assertThat(Duration.between(FROM, clock.withZone(ZoneOffset.UTC).instant()))
                .isEqualTo(Duration.ofSeconds(72));
    }
}
