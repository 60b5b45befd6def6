package notchbook.demo;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.announcement.Announcements;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.group.Groups;
import notchbook.app.people.Person;
import notchbook.app.setwork.SetWorks;
import notchbook.app.show.Showing;
import org.springframework.stereotype.Component;

/** What belongs to a class as a whole: its groups, and what its teachers say to it. */
@Component
class ClassMaker {
    private final Cast cast;
    private final Groups groups;
    private final Announcements announcements;
    private final SetWorks setWorks;
    private final CollectionDesk collections;
    private final Showing showing;
    private final DemoClock clock;

    ClassMaker(
            Cast cast,
            Groups groups,
            Announcements announcements,
            SetWorks setWorks,
            CollectionDesk collections,
            Showing showing,
            DemoClock clock) {
        this.cast = cast;
        this.groups = groups;
        this.announcements = announcements;
        this.setWorks = setWorks;
        this.collections = collections;
        this.showing = showing;
        this.clock = clock;
    }

    void make(DemoCalendar calendar) {
        clock.holdAt(calendar.day(DemoCalendar.THIS_WEEK - 1, 0), LocalTime.of(9, 10));
        var tank = group("Ripple tank", "marlo", "lin", "fenn");
        group("Slinky", "rue", "teo", "sia");
        group("Strobe", "joss", "pim", "noor", "ivo");
        collections.lines(cast.marlo).stream()
                .filter(line -> line.title().startsWith("Waves"))
                .findFirst()
                .ifPresent(line -> showing.toGroup(cast.marlo, line.id(), tank));
        var ruler = say(
                "Bring a ruler and something that claps for Thursday. We time the echo outside, so bring a coat too.",
                Optional.empty());
        cast.students().stream().limit(9).forEach(student -> announcements.read(student, ruler));
        clock.holdAt(calendar.day(DemoCalendar.THIS_WEEK, 0), LocalTime.of(8, 5));
        var practical = setWorks.visibleTo(cast.tolland).stream()
                .filter(work -> work.title().equals("Echo practical"))
                .map(work -> work.id())
                .findFirst();
        var claps = say(
                "Most of you timed one clap only. Time twenty, and say in one sentence why that is better.", practical);
        cast.classmates.stream().limit(4).forEach(student -> announcements.read(student, claps));
    }

    private UUID group(String name, String... members) {
        var id = UUID.randomUUID();
        groups.keep(
                cast.tolland,
                cast.physics.id(),
                id,
                name,
                Arrays.stream(members).map(this::named).map(Person::id).toList());
        return id;
    }

    private Person named(String userName) {
        return cast.students().stream()
                .filter(one -> one.userName().equals(userName))
                .findFirst()
                .orElseThrow();
    }

    private UUID say(String words, Optional<UUID> about) {
        var id = UUID.randomUUID();
        announcements.say(cast.tolland, cast.physics.id(), id, words, about);
        return id;
    }
}
