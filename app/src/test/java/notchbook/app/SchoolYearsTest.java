package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

class SchoolYearsTest extends AppTest {
    private static final String YEAR =
            "{'name':'2040/41','firstDay':'2040-09-03','lastDay':'2041-07-05','terms':[],'breaks':[%s]}";
    private static final String WEEK = "{'name':'Autumn break','first':'2040-10-22','last':'2040-10-28'}";

    @Test
    void numbersTheWeeksAnewWhenABreakIsEntered() {
        var id = UUID.randomUUID();
        assertThat(keep(id, YEAR.formatted("")).status()).isEqualTo(204);
        var before = year(id).path("weeks").asInt();
        keep(id, YEAR.formatted(WEEK));
        assertThat(year(id).path("weeks").asInt()).isEqualTo(before - 1);
        assertThat(keep(UUID.randomUUID(), YEAR.formatted("")).detail()).contains("in the school year \"2040/41\" too");
        keep(id, "{'name':'Gone','firstDay':'1990-01-01','lastDay':'1990-01-02','terms':[],'breaks':[]}");
    }

    @Test
    void teachesInItsTermsOnly() {
        var id = UUID.randomUUID();
        keep(
                id,
                "{'name':'2060/61','firstDay':'2060-09-06','lastDay':'2061-07-01','terms':[{'name':'One','first':'2060-09-06','last':'2060-10-15'}],'breaks':[]}");
        assertThat(year(id).path("weeks").asInt()).isEqualTo(6);
        assertThat(year(id).at("/terms/0/weeks").asString()).isEqualTo("weeks 1 to 6");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            quoteCharacter = '#',
            value = {
                "'name':'','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[],'breaks':[] ! Give the school year a name",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2050-07-05','terms':[],'breaks':[] ! ends before it begins",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2059-07-05','terms':[],'breaks':[] ! longer than 400 days",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[],'breaks':[{'name':'B','first':'2050-10-02','last':'2050-10-01'}] ! ends before it begins",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[],'breaks':[{'name':'B','first':'2050-10-01','last':'2050-10-01'},{'name':'C','first':'2050-10-01','last':'2050-10-03'}] ! begin on the same day",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[{'name':'T','first':'2050-08-01','last':'2050-10-01'}],'breaks':[] ! outside the school year",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[{'name':'T','first':'2050-09-05','last':'2050-10-01'},{'name':'U','first':'2050-10-01','last':'2050-11-01'}],'breaks':[] ! begins before \"T\" ends",
                "'name':'A','firstDay':'2050-09-03','lastDay':'2051-07-05','terms':[{'name':' ','first':'2050-09-05','last':'2050-10-01'}],'breaks':[] ! Give each term a name"
            })
    void refusesAYearThatCannotBe(String body, String message) {
        assertThat(keep(UUID.randomUUID(), "{" + body + "}").detail()).contains(message);
    }

    @Test
    void readsACalendarFileForTeachersOnly() {
        var file =
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20261109\r\nSUMMARY:Training day\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        assertThat(look(school.teacher, file).json().get(0).path("first").asString())
                .isEqualTo("2026-11-09");
        assertThat(look(school.teacher, "hello").status()).isEqualTo(422);
        assertThat(look(school.student, file).status()).isEqualTo(404);
    }

    private Browser.Answer keep(UUID id, String body) {
        return browser.send(school.teacher, "PUT", "/api/school-years/" + id, body);
    }

    private JsonNode year(UUID id) {
        return browser.get(school.student, "/api/school-years")
                .json()
                .path("years")
                .valueStream()
                .filter(year -> year.path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }

    private Browser.Answer look(Person reader, String file) {
        return browser.send(
                reader,
                MockMvcRequestBuilders.multipart("/api/calendar-files")
                        .file(new MockMultipartFile("file", "year.ics", null, file.getBytes(UTF_8))));
    }
}
