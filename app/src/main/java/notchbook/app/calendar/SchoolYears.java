package notchbook.app.calendar;

import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.platform.Refusal;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.Term;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The school years with their terms and breaks, which teachers keep for the whole school. */
@Service
public class SchoolYears {
    private static final int LONGEST_NAME = 40;
    private static final int LONGEST_BREAK_NAME = 60;

    /** A year with a long summer at its end still fits; a slip of the pen does not. */
    private static final int MOST_DAYS = 400;

    private static final int MOST_BREAKS = 100;
    private static final int MOST_TERMS = 12;

    private final SchoolYearStore store;
    private final People people;

    SchoolYears(SchoolYearStore store, People people) {
        this.people = people;
        this.store = store;
    }

    /** The number of the teaching week that a day is in; none in a break, or outside of every school year. */
    public Optional<Integer> teachingWeekOf(LocalDate day) {
        var week = yearOf(day).teachingWeekOf(day);
        return week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty();
    }

    /** The school year of a day, else the latest there is; a school without any has an empty year. */
    public SchoolYear yearOf(LocalDate day) {
        var years = all().stream().map(KeptYear::year).toList();
        return years.stream()
                .filter(year -> !day.isBefore(year.firstDay()) && !day.isAfter(year.lastDay()))
                .findFirst()
                .or(() -> years.stream().findFirst())
                .orElseGet(() -> SchoolYear.of("", day, day, List.of()));
    }

    /** Enters a year. */
    @Transactional
    public void enter(UUID id, SchoolYear year) {
        store.put(id, year);
    }

    List<KeptYear> all() {
        return store.all();
    }

    /** Whether somebody keeps the school years: a teacher or keeper, or a student where there is neither. */
    boolean areKeptBy(Person person) {
        return person.role() != Role.STUDENT || !people.hasStaff();
    }

    /** Keeps a year as somebody wants it who may; its weeks are numbered anew. */
    @Transactional
    void keep(Person person, UUID id, SchoolYear year) {
        if (!areKeptBy(person)) {
            throw Refusal.notFound("school year");
        }
        requireFit(year);
        all().stream()
                .filter(other -> !other.id().equals(id))
                .map(KeptYear::year)
                .filter(other -> !other.lastDay().isBefore(year.firstDay())
                        && !other.firstDay().isAfter(year.lastDay()))
                .findFirst()
                .ifPresent(other -> {
                    throw Refusal.unfit(
                            "These days are in the school year \"%s\" too. Let one end before the other begins."
                                    .formatted(other.name()));
                });
        store.put(id, year);
    }

    private static void requireFit(SchoolYear year) {
        if (year.name().isBlank() || year.name().length() > LONGEST_NAME) {
            throw Refusal.unfit("Give the school year a name of up to 40 characters.");
        }
        if (year.firstDay().plusDays(MOST_DAYS).isBefore(year.lastDay())) {
            throw Refusal.unfit("This school year is longer than 400 days. Check its first and its last day.");
        }
        if (year.breaks().size() > MOST_BREAKS) {
            throw Refusal.unfit("A school year has at most 100 breaks and closed days.");
        }
        requireFitTerms(year);
        var starts = year.breaks().stream().map(Break::firstDay).collect(toSet());
        if (starts.size() < year.breaks().size()) {
            throw Refusal.unfit("Two breaks begin on the same day. Make one of them, or move one.");
        }
        year.breaks().stream()
                .filter(pause -> pause.name().isBlank() || pause.name().length() > LONGEST_BREAK_NAME)
                .findFirst()
                .ifPresent(pause -> {
                    throw Refusal.unfit("Give each break a name of up to 60 characters.");
                });
    }

    private static void requireFitTerms(SchoolYear year) {
        var terms = year.terms().stream()
                .sorted(Comparator.comparing(Term::firstDay))
                .toList();
        if (terms.size() > MOST_TERMS) {
            throw Refusal.unfit("A school year has at most 12 terms.");
        }
        for (var i = 0; i < terms.size(); i++) {
            var term = terms.get(i);
            if (term.name().isBlank() || term.name().length() > LONGEST_BREAK_NAME) {
                throw Refusal.unfit("Give each term a name of up to 60 characters.");
            }
            if (term.firstDay().isBefore(year.firstDay()) || term.lastDay().isAfter(year.lastDay())) {
                throw Refusal.unfit("The term \"%s\" has days outside the school year.".formatted(term.name()));
            }
            if (i > 0 && !terms.get(i - 1).lastDay().isBefore(term.firstDay())) {
                throw Refusal.unfit("The term \"%s\" begins before \"%s\" ends."
                        .formatted(term.name(), terms.get(i - 1).name()));
            }
        }
    }
}
