package notchbook.formats.calendar;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import notchbook.core.calendar.Break;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SchoolCalendarTest {
    private static final String FILE = """
            BEGIN:VCALENDAR
            VERSION:2.0
            PRODID:-//Quay School//Year//EN
            %s
            END:VCALENDAR
            """;

    @Test
    void readsWholeDaysInOrderAndPassesOverHours() {
        var breaks = read("""
                BEGIN:VEVENT
                UID:2
                DTSTART;VALUE=DATE:20261221
                DTEND;VALUE=DATE:20270104
                SUMMARY:Winter break\\, at last
                END:VEVENT
                BEGIN:VEVENT
                UID:1
                DTSTART;VALUE=DATE:20261109
                SUMMARY:Training day
                END:VEVENT
                BEGIN:VEVENT
                UID:3
                DTSTART:20261201T090000Z
                DTEND:20261201T100000Z
                SUMMARY:Assembly
                END:VEVENT""");
        assertThat(breaks)
                .containsExactly(
                        new Break("Training day", LocalDate.of(2026, 11, 9), LocalDate.of(2026, 11, 9)),
                        new Break("Winter break, at last", LocalDate.of(2026, 12, 21), LocalDate.of(2027, 1, 3)));
    }

    @Test
    void readsARepeatedEventAsOftenAsItIs() {
        var closed = read("""
                BEGIN:VEVENT
                UID:1
                DTSTART;VALUE=DATE:20261106
                DTEND;VALUE=DATE:20261108
                RRULE:FREQ=WEEKLY;COUNT=4
                EXDATE;VALUE=DATE:20261113
                SUMMARY:Hall is painted
                END:VEVENT""");
        assertThat(closed.stream().map(Break::firstDay))
                .containsExactly(LocalDate.of(2026, 11, 6), LocalDate.of(2026, 11, 20), LocalDate.of(2026, 11, 27));
        assertThat(closed.getLast().lastDay()).isEqualTo(LocalDate.of(2026, 11, 28));
    }

    @ParameterizedTest
    @ValueSource(strings = {"FREQ=DAILY", "FREQ=SECONDLY", "FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30"})
    void comesToAnEndWithAnEventThatDoesNot(String rule) {
        assertThat(read("""
                BEGIN:VEVENT
                UID:1
                DTSTART;VALUE=DATE:20261106
                RRULE:%s
                SUMMARY:For ever
                END:VEVENT""".formatted(rule)).size()).isLessThan(800);
    }

    @Test
    void passesOverAnEventThatEndsBeforeItBegins() {
        assertThat(read("""
                BEGIN:VEVENT
                UID:1
                DTSTART;VALUE=DATE:20261109
                DTEND;VALUE=DATE:20261101
                SUMMARY:Odd
                END:VEVENT""")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "BEGIN:VCALENDAR",
                "BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART;VALUE=DATE:tomorrow\nEND:VEVENT\nEND:VCALENDAR\n"
            })
    void refusesWhatIsNoCalendar(String file) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SchoolCalendar.read(file.getBytes(UTF_8)))
                .withMessageContaining("no iCalendar file that can be read");
    }

    private static List<Break> read(String events) {
        var lines = FILE.formatted(events).lines().map(String::strip).toList();
        return SchoolCalendar.read(String.join("\r\n", lines).concat("\r\n").getBytes(UTF_8));
    }
}
