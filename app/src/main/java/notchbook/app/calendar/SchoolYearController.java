package notchbook.app.calendar;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.Term;
import notchbook.core.calendar.WeekRange;
import notchbook.formats.calendar.SchoolCalendar;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class SchoolYearController {
    /** A school's calendar of many years is smaller. In bytes. */
    private static final long LARGEST_FILE = 5_000_000;

    private final SchoolYears years;

    SchoolYearController(SchoolYears years) {
        this.years = years;
    }

    /** A stretch of days without school, both included; one day is a closed day. */
    record BreakView(String name, LocalDate first, LocalDate last) {}

    record TermBody(String name, LocalDate first, LocalDate last) {}

    /** A term with its teaching weeks in words. */
    record TermView(String name, LocalDate first, LocalDate last, String weeks) {}

    record SchoolYearView(
            UUID id,
            String name,
            LocalDate firstDay,
            LocalDate lastDay,
            List<TermView> terms,
            List<BreakView> breaks,
            int weeks) {}

    record SchoolYearBody(
            String name, LocalDate firstDay, LocalDate lastDay, List<TermBody> terms, List<BreakView> breaks) {}

    /** Every year, and whether the reader keeps them. */
    record SchoolYearsView(List<SchoolYearView> years, boolean isKept) {}

    @GetMapping("/api/school-years")
    SchoolYearsView years(@AuthenticationPrincipal Person reader) {
        return new SchoolYearsView(
                years.all().stream().map(SchoolYearController::view).toList(), years.areKeptBy(reader));
    }

    @PutMapping("/api/school-years/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SchoolYearBody body) {
        var terms = body.terms().stream()
                .map(term -> new Term(term.name().strip(), term.first(), term.last()))
                .toList();
        var breaks = body.breaks().stream()
                .map(pause -> new Break(pause.name().strip(), pause.first(), pause.last()))
                .toList();
        years.keep(reader, id, SchoolYear.of(body.name().strip(), body.firstDay(), body.lastDay(), terms, breaks));
    }

    /** The whole-day events of an iCalendar file, for whoever keeps the years to choose the days without school among. */
    @PostMapping(path = "/api/calendar-files", consumes = "multipart/form-data")
    List<BreakView> look(@AuthenticationPrincipal Person reader, @RequestPart MultipartFile file) throws IOException {
        if (!years.areKeptBy(reader)) {
            throw Refusal.notFound("place");
        }
        if (file.getSize() > LARGEST_FILE) {
            throw Refusal.unfit("This calendar is larger than 5 MB. Export one school year.");
        }
        return SchoolCalendar.read(file.getBytes()).stream()
                .map(SchoolYearController::view)
                .toList();
    }

    private static SchoolYearView view(KeptYear kept) {
        var year = kept.year();
        return new SchoolYearView(
                kept.id(),
                year.name(),
                year.firstDay(),
                year.lastDay(),
                year.terms().stream().map(term -> view(year, term)).toList(),
                year.breaks().stream().map(SchoolYearController::view).toList(),
                year.teachingWeekCount());
    }

    private static TermView view(SchoolYear year, Term term) {
        return new TermView(
                term.name(),
                term.firstDay(),
                term.lastDay(),
                year.weeksOf(term).map(WeekRange::words).orElse("no teaching week"));
    }

    private static BreakView view(Break pause) {
        return new BreakView(pause.name(), pause.firstDay(), pause.lastDay());
    }
}
