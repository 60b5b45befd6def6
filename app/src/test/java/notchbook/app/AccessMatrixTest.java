package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Who may see and do what: every endpoint, asked by the student whose it is, a classmate, their teacher, another
 * teacher, nobody, and a keeper of the school. A row gives the six answers in this order; what is not yours answers 404, as if it were not there.
 */
class AccessMatrixTest extends AppTest {
    /** Endpoints that carry a file, a sign-in, a secret or the description itself; each has a test of its own. */
    private static final List<String> ELSEWHERE = List.of(
            "POST /api/sign-in",
            "POST /api/first-visit",
            "PUT /api/account/password",
            "POST /api/outline-files",
            "POST /api/editions",
            "PUT /api/media/{}",
            "GET /api/media/{}/compact",
            "POST /api/uploads",
            "PATCH /api/uploads",
            "HEAD /api/uploads",
            "DELETE /api/uploads",
            "OPTIONS /api/uploads",
            "POST /api/bag-uploads",
            "PATCH /api/bag-uploads",
            "HEAD /api/bag-uploads",
            "DELETE /api/bag-uploads",
            "OPTIONS /api/bag-uploads",
            "GET /api/bags/{}/file",
            "GET /api/asked-links/{}/page/media/{}",
            "GET /api/task-feed/{}.ics",
            "GET /api/phone/{}",
            "PUT /api/phone/{}/photos/{}",
            "POST /api/text-from-file",
            "POST /api/ink-from-file",
            "POST /api/spoken-lines-from-file",
            "GET /api/talk-films/{}/file",
            "POST /api/edition-files",
            "POST /api/calendar-files",
            "POST /api/classes/{}/plan.csv",
            "POST /api/notebooks/{}/papers.csv",
            "GET /api/openapi",
            "GET /api/openapi.yaml");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    @Test
    void answersEachPersonAsTheMatrixSays() {
        var endpoints = new Endpoints(school, browser);
        var wrong = new ArrayList<String>();
        for (var row : Endpoints.MATRIX) {
            var answers = List.of(row.getValue().split(" "));
            // The one whose it is comes last, since some of what is asked ends the thing.
            for (var i : List.of(4, 5, 3, 1, 0, 2)) {
                var status = ask(person(i), endpoints.fill(row.getKey()));
                var isRight = answers.get(i).equals("OK")
                        ? status >= 200 && status < 300
                        : status == Integer.parseInt(answers.get(i));
                if (!isRight) {
                    wrong.add(row.getKey() + ": person " + i + " got " + status);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void leavesNoEndpointOut() {
        var described = new TreeSet<String>();
        mappings.getHandlerMethods().keySet().stream()
                .filter(info -> info.getPatternValues().iterator().next().startsWith("/api"))
                .forEach(info -> info.getMethodsCondition()
                        .getMethods()
                        .forEach(method -> described.add(shape(method + " "
                                + info.getPatternValues().iterator().next()))));
        var asked = new TreeSet<>(ELSEWHERE);
        Endpoints.MATRIX.forEach(
                row -> asked.add(shape(row.getKey().split(" \\{'")[0].split("\\?")[0])));
        assertThat(asked).containsAll(described);
    }

    @Test
    void letsNobodySendAFile() {
        var file = new MockMultipartFile("file", "a.jpg", null, Samples.jpeg());
        var media = MockMvcRequestBuilders.multipart(HttpMethod.PUT, "/api/media/" + UUID.randomUUID())
                .file(file);
        assertThat(browser.send(null, media).status()).isEqualTo(401);
        var syllabus = MockMvcRequestBuilders.multipart("/api/editions")
                .file(file)
                .param("code", "X")
                .param("title", "Y");
        assertThat(browser.send(null, syllabus).status()).isEqualTo(401);
    }

    private static String shape(String endpoint) {
        return endpoint.replaceAll(
                "\\{[^}]*}|2026-11-23|(?<=reflections/)12|(?<=/)0(?=/page)|(?<=levels/)0|(?<=/files/)[A-Z]+", "{}");
    }

    private int ask(@Nullable Person person, String request) {
        var parts = request.split(" ", 3);
        return browser.send(person, parts[0], parts[1], parts.length > 2 ? parts[2] : "")
                .status();
    }

    private @Nullable Person person(int i) {
        return switch (i) {
            case 0 -> school.student;
            case 1 -> school.classmate;
            case 2 -> school.teacher;
            case 3 -> school.otherTeacher;
            case 5 -> school.keeper;
            default -> null;
        };
    }
}
