package notchbook.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;

/** The school's clock, which stands at a past moment while the demo school's work is made and then runs on. */
public final class DemoClock extends Clock {
    private final Clock real;
    private volatile Optional<Instant> held = Optional.empty();

    DemoClock(Clock real) {
        this.real = real;
    }

    /** Holds the clock at a moment, but never in the future. */
    void holdAt(LocalDate day, LocalTime time) {
        var moment = day.atTime(time).atZone(getZone()).toInstant();
        held = Optional.of(moment.isBefore(real.instant()) ? moment : real.instant());
    }

    void release() {
        held = Optional.empty();
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return real.withZone(zone);
    }

    @Override
    public Instant instant() {
        return held.orElseGet(real::instant);
    }
}
