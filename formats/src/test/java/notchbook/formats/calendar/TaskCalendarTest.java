package notchbook.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import notchbook.formats.calendar.TaskCalendar.DatedTask;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TaskCalendarTest {
    private static final Instant NOW = Instant.parse("2026-11-25T10:00:00Z");

    @Test
    void writesATaskAsADayThatBlocksNoTime() throws Exception {
        var event = events(task("Bring the lens kit")).getFirst();
        assertThat(event.toString())
                .contains(
                        "DTSTART;VALUE=DATE:20261127",
                        "TRANSP:TRANSPARENT",
                        "UID:00000000-0000-0000-0000-000000000001");
    }

    @Test
    void writesAMinuteWhereOneIsNamed() throws Exception {
        var at = Instant.parse("2026-11-27T15:30:00Z");
        var event = events(new DatedTask(
                        new UUID(0, 2), "Hand it in", LocalDate.of(2026, 11, 27), Optional.of(at), "Physics"))
                .getFirst();
        assertThat(event.toString()).contains("DTSTART:20261127T153000Z", "TRANSP:TRANSPARENT");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a, b; c\\d",
                "first line\nsecond line",
                "Звук отражается, и возвращается: это и есть эхо, которое мы измеряли вчера у стены зала",
                "BEGIN:VEVENT\nSUMMARY:not mine\nEND:VEVENT",
                "👩‍🔬 works"
            })
    void bringsAnyWordsThroughAndLetsNoneBreakOut(String words) throws Exception {
        var events = events(task(words));
        assertThat(events).hasSize(1);
        assertThat(events.getFirst()
                        .<Property>getProperty("SUMMARY")
                        .orElseThrow()
                        .getValue())
                .isEqualTo(words);
    }

    @Test
    void isACalendarAlsoWhenThereIsNothingToDo() throws Exception {
        assertThat(events()).isEmpty();
    }

    private static List<VEvent> events(DatedTask... tasks) throws Exception {
        var written = TaskCalendar.write(List.of(tasks), NOW);
        return new CalendarBuilder().build(new StringReader(written)).getComponents("VEVENT");
    }

    private static DatedTask task(String words) {
        return new DatedTask(new UUID(0, 1), words, LocalDate.of(2026, 11, 27), Optional.empty(), "Physics, Lenses");
    }
}
