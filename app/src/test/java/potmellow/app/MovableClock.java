package potmellow.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands still until it is moved. */
public final class MovableClock extends Clock {
    public static final Instant START = Instant.parse("2026-05-20T08:10:00Z");

    private volatile Instant now = START;

    public void advance(Duration by) {
        now = now.plus(by);
    }

    public void reset() {
        now = START;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(now, zone);
    }

    @Override
    public Instant instant() {
        return now;
    }
}
