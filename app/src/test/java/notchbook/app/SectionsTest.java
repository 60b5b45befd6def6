package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The tree of sections: made, named, nested, put in order, thrown away and brought back. */
class SectionsTest extends AppTest {
    private School.Desk desk;
    private final Map<String, UUID> ids = new LinkedHashMap<>();

    /** Echoes stands already; Sound holds Pitch and Loud, and Light stands last. */
    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        ids.put("Echoes", desk.section());
        make("Sound", "");
        make("Pitch", "Sound");
        make("Loud", "Sound");
        make("Light", "");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            # what   | into   | at | then
            Light    |        | 0  | Light, Echoes, Sound, Sound/Pitch, Sound/Loud
            Loud     | Sound  | 0  | Echoes, Sound, Sound/Loud, Sound/Pitch, Light
            Light    | Sound  | 1  | Echoes, Sound, Sound/Pitch, Sound/Light, Sound/Loud
            Sound    | Light  | 0  | Echoes, Light, Light/Sound, Light/Sound/Pitch, Light/Sound/Loud
            Pitch    |        | 9  | Echoes, Sound, Sound/Loud, Light, Pitch
            Echoes   |        | 0  | Echoes, Sound, Sound/Pitch, Sound/Loud, Light
            """)
    void moveToWhereTheyArePut(String what, String into, int at, String then) {
        assertThat(place(what, into, at).status()).isEqualTo(204);
        assertThat(String.join(", ", contents())).isEqualTo(then);
    }

    @ParameterizedTest
    @CsvSource({"Sound,Sound", "Sound,Pitch"})
    void neverStandInsideThemselves(String what, String into) {
        var answer = place(what, into, 0);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo("A section can't stand inside itself.");
        assertThat(contents()).containsExactly("Echoes", "Sound", "Sound/Pitch", "Sound/Loud", "Light");
    }

    @Test
    void stayInTheirNotebook() {
        var other = school.desk(school.student).section();
        ids.put("Other", other);
        assertThat(place("Light", "Other", 0).status()).isEqualTo(422);
    }

    @Test
    void goToTheBinWithAllBelowThemAndComeBackWhole() {
        browser.send(school.student, "DELETE", "/api/sections/" + ids.get("Sound"), "");
        assertThat(contents()).containsExactly("Echoes", "Light");
        assertThat(bin()).containsExactly("Sound");
        restore("Sound");
        assertThat(contents()).containsExactlyInAnyOrder("Echoes", "Sound", "Sound/Pitch", "Sound/Loud", "Light");
    }

    @Test
    void leaveInTheBinWhatWasThrownAwayBefore() {
        browser.send(school.student, "DELETE", "/api/sections/" + ids.get("Pitch"), "");
        browser.send(school.student, "DELETE", "/api/sections/" + ids.get("Sound"), "");
        restore("Sound");
        assertThat(contents()).containsExactly("Echoes", "Sound", "Sound/Loud", "Light");
        assertThat(bin()).containsExactly("Pitch");
    }

    @Test
    void comeBackWithWhatHeldThemAndLeaveTheOthersToBeBroughtBack() {
        browser.send(school.student, "DELETE", "/api/sections/" + ids.get("Pitch"), "");
        browser.send(school.student, "DELETE", "/api/sections/" + ids.get("Sound"), "");
        restore("Pitch");
        assertThat(contents()).containsExactly("Echoes", "Sound", "Sound/Pitch", "Light");
        assertThat(bin()).containsExactly("Loud");
    }

    @ParameterizedTest
    @CsvSource({"'   ',422", "Sound and echo,204"})
    void takeANameThatHasWords(String title, int status) {
        var answer =
                browser.send(school.student, "PATCH", "/api/sections/" + ids.get("Sound"), "{'title':'" + title + "'}");
        assertThat(answer.status()).isEqualTo(status);
    }

    @Test
    void takeAPageThatWasMadeTwiceAsOne() {
        var path = "/api/pages/" + UUID.randomUUID();
        var body = "{'sectionId':'%s','title':'Once'}".formatted(ids.get("Light"));
        browser.send(school.student, "PUT", path, body);
        browser.send(school.student, "PUT", path, body);
        var pages = contentsView().path("pages");
        assertThat(Browser.texts(pages, "title")).containsExactlyInAnyOrder("Timing an echo", "Once");
    }

    private void make(String title, String parent) {
        var id = UUID.randomUUID();
        var above = parent.isEmpty() ? "" : ",'parent':'" + ids.get(parent) + "'";
        var body = "{'notebookId':'%s','title':'%s','topics':[]%s}"
                .formatted(desk.notebook().id(), title, above);
        assertThat(browser.send(school.student, "PUT", "/api/sections/" + id, body)
                        .status())
                .isLessThan(300);
        ids.put(title, id);
    }

    private Browser.Answer place(String what, String into, int at) {
        var parent = into == null ? "" : ",'parent':'" + ids.get(into) + "'";
        return browser.send(
                school.student,
                "POST",
                "/api/sections/" + ids.get(what) + "/place",
                "{'position':" + at + parent + "}");
    }

    private List<String> bin() {
        return Browser.texts(
                browser.get(school.student, "/api/notebooks/" + desk.notebook().id() + "/bin")
                        .json(),
                "name");
    }

    private void restore(String title) {
        var path = "/api/notebooks/%s/bin/%s/restore".formatted(desk.notebook().id(), ids.get(title));
        assertThat(browser.send(school.student, "POST", path, "").status()).isLessThan(300);
    }

    private JsonNode contentsView() {
        return browser.get(school.student, "/api/notebooks/" + desk.notebook().id())
                .json();
    }

    /** The tree as paths of titles, in reading order. */
    private List<String> contents() {
        var rows = contentsView().path("sections").valueStream().toList();
        var titles = rows.stream()
                .collect(Collectors.toMap(row -> row.path("id").asString(), row -> row.path("title")
                        .asString()));
        return below(rows, "").stream()
                .map(path -> path.stream().map(titles::get).collect(Collectors.joining("/")))
                .toList();
    }

    private static List<List<String>> below(List<JsonNode> rows, String parent) {
        return rows.stream()
                .filter(row -> row.path("parent").asString("").equals(parent))
                .sorted(Comparator.comparing(row -> row.path("position").asInt()))
                .flatMap(row -> {
                    var id = row.path("id").asString();
                    var inside = below(rows, id).stream().map(path -> Stream.concat(Stream.of(id), path.stream())
                            .toList());
                    return Stream.concat(Stream.of(List.of(id)), inside);
                })
                .toList();
    }
}
