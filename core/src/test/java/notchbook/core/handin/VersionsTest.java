package notchbook.core.handin;

import static notchbook.core.handin.HandInState.BEING_READ;
import static notchbook.core.handin.HandInState.CHECKED;
import static notchbook.core.handin.HandInState.SENT_BACK;
import static notchbook.core.handin.HandInState.WAITING;
import static notchbook.core.handin.Purpose.DRAFT;
import static notchbook.core.handin.Purpose.HAND_IN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import notchbook.core.handin.Versions.Sent;
import notchbook.core.setwork.Due;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class VersionsTest {
    private static final LocalDate DUE = LocalDate.of(2026, 11, 27);

    /** The versions, the latest first; then the one that counts, the draft, whether it is late, whether it changed. */
    static Stream<Arguments> cases() {
        return Stream.of(
                arguments("nothing", List.of(), "", "", false, false),
                arguments("on the day", List.of(sent("1", WAITING, 0)), "1", "", false, false),
                arguments("a day late", List.of(sent("1", WAITING, 1)), "1", "", true, false),
                arguments(
                        "in time, and again after it came back",
                        List.of(sent("2", WAITING, 5), sent("1", SENT_BACK, -2)),
                        "2",
                        "",
                        false,
                        true),
                arguments(
                        "again, and being read",
                        List.of(sent("2", BEING_READ, 5), sent("1", SENT_BACK, 1)),
                        "2",
                        "",
                        true,
                        true),
                arguments(
                        "again, and checked",
                        List.of(sent("2", CHECKED, 0), sent("1", SENT_BACK, -2)),
                        "2",
                        "",
                        false,
                        false),
                arguments("a draft alone, late", List.of(draft("a", 3)), "", "a", false, false),
                arguments(
                        "a draft after a version",
                        List.of(draft("a", 1), sent("1", SENT_BACK, 0)),
                        "1",
                        "a",
                        false,
                        false),
                arguments(
                        "a draft before a version is history",
                        List.of(sent("1", WAITING, 0), draft("a", -3)),
                        "1",
                        "",
                        false,
                        false));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void tellWhatCounts(
            String name, List<Sent<String>> all, String latest, String draft, boolean isLate, boolean isChanged) {
        var versions = new Versions<>(all);
        assertThat(versions.latest().orElse("")).isEqualTo(latest);
        assertThat(versions.draft().orElse("")).isEqualTo(draft);
        assertThat(versions.isLate(Due.on(DUE))).isEqualTo(isLate);
        assertThat(versions.isChanged()).isEqualTo(isChanged);
    }

    private static Sent<String> sent(String version, HandInState state, int daysAfter) {
        return new Sent<>(version, HAND_IN, state, DUE.plusDays(daysAfter).atTime(18, 0));
    }

    private static Sent<String> draft(String version, int daysAfter) {
        return new Sent<>(version, DRAFT, SENT_BACK, DUE.plusDays(daysAfter).atTime(18, 0));
    }
}
