package notchbook.app.platform;

import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Time as the school lives it: now, today, and the day that an instant falls on there. */
@Component
public class SchoolClock {
    private final Clock clock;

    SchoolClock(Clock clock) {
        this.clock = clock;
    }

    /** Now, to the millisecond that the database keeps. */
    public Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    public LocalDate dayOf(Instant instant) {
        return instant.atZone(zone()).toLocalDate();
    }

    public LocalDateTime localTime(Instant instant) {
        return LocalDateTime.ofInstant(instant, zone());
    }

    /** The instant of a local time at the school. */
    public Instant at(LocalDateTime localTime) {
        return localTime.atZone(zone()).toInstant();
    }

    /** A new UUIDv7. */
    public UUID newId() {
        return UuidCreator.getTimeOrderedEpoch();
    }

    private ZoneId zone() {
        return clock.getZone();
    }
}
