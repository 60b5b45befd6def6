package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Details of things, views that are kept, and the board of a collection. */
class CollectionViewsTest extends AppTest {
    private School.NewClass of;
    private Person student;
    private final UUID id = UUID.randomUUID();
    private final UUID wall = UUID.randomUUID();
    private final UUID fence = UUID.randomUUID();
    private final UUID kind = UUID.randomUUID();
    private final UUID cost = UUID.randomUUID();

    /** A view as a device sends it. */
    static String view(String name) {
        return "{'name':'%s','look':{'shape':'TABLE','words':'','only':{'kind':['Link']},'sorts':[{'detail':'title','isFalling':true}],'height':'COUNT','shown':[]}}"
                .formatted(name);
    }

    @BeforeEach
    void twoThingsWithTwoDetails() {
        of = school.newClass();
        student = of.student();
        put("", "{'title':'Sea defences','purpose':'For the write-up'}");
        put("/items/" + wall, "{'kind':'LINK','title':'','note':'','url':'https://skerrow.example/wall'}");
        put("/items/" + fence, "{'kind':'NOTE','title':'Dune fences','note':'Cheap.'}");
        put("/details/" + kind, "{'name':'Kind of defence','kind':'ONE_OF','unit':''}");
        put("/details/" + cost, "{'name':'Cost','kind':'NUMBER','unit':'a metre'}");
    }

    private Browser.Answer put(String path, String body) {
        return browser.send(student, "PUT", "/api/collections/" + id + path, body);
    }

    private Browser.Answer tell(UUID item, String body) {
        return browser.send(student, "PATCH", "/api/collections/" + id + "/items/" + item, body);
    }

    private static String values(UUID detail, String... values) {
        return "{'values':{'%s':['%s']}}".formatted(detail, String.join("','", values));
    }

    private JsonNode seen() {
        return browser.get(student, "/api/collections/" + id).json();
    }

    private JsonNode item(UUID item) {
        return seen().path("items")
                .valueStream()
                .filter(one -> one.path("id").asString().equals(item.toString()))
                .findFirst()
                .orElseThrow();
    }

    private String value(UUID item, UUID detail) {
        return item(item).at("/values/" + detail + "/0").asString("");
    }

    @Test
    void keepWhatIsSaidOfAThingFieldByField() {
        assertThat(tell(wall, "{'why':'The dearest of all.','heading':'Hard'}").status())
                .isEqualTo(204);
        tell(wall, values(cost, "6 200"));
        tell(wall, values(kind, "hard"));
        assertThat(value(wall, cost)).isEqualTo("6200");
        assertThat(value(wall, kind)).isEqualTo("hard");
        assertThat(item(wall).path("why").asString()).isEqualTo("The dearest of all.");
        assertThat(item(wall).path("heading").asString()).isEqualTo("Hard");
        tell(wall, values(cost, ""));
        assertThat(item(wall).path("values").has(cost.toString())).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "cheap, “Cost”: Type a number",
        "=1+1, “Cost”: Type a number",
        "<b>9</b>, “Cost”: Type a number",
        "1+2, “Cost” holds one value."
    })
    void refuseAValueThatIsNoneOfItsKind(String typed, String words) {
        var answer = tell(wall, "{'values':{'%s':['%s']}}".formatted(cost, typed.replace("+2", "','2")));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith(words);
        assertThat(value(wall, cost)).isEmpty();
    }

    @Test
    void offerValuesThatWereUsedHereAndElsewhere() {
        tell(wall, values(kind, "hard"));
        var other = UUID.randomUUID();
        var detail = UUID.randomUUID();
        var thing = UUID.randomUUID();
        var path = "/api/collections/" + other;
        browser.send(student, "PUT", path, "{'title':'Rivers','purpose':''}");
        browser.send(
                student, "PUT", path + "/details/" + detail, "{'name':'kind of defence','kind':'ONE_OF','unit':''}");
        browser.send(student, "PUT", path + "/items/" + thing, "{'kind':'NOTE','title':'Bank','note':''}");
        browser.send(student, "PATCH", path + "/items/" + thing, values(detail, "soft"));
        var offered = browser.get(student, "/api/collections/" + id + "/details/offered")
                .json();
        assertThat(Browser.texts(offered, "name")).containsExactly("Kind of defence", "Cost");
        assertThat(offered.at("/0/values").valueStream().map(JsonNode::asString).toList())
                .containsExactly("hard", "soft");
    }

    @Test
    void mergeAValueEverywhere() {
        tell(wall, values(kind, "Hard"));
        tell(fence, values(kind, "hrad"));
        browser.send(
                student,
                "POST",
                "/api/collections/" + id + "/details/" + kind + "/merge",
                "{'from':['Hard','hrad'],'into':'hard'}");
        assertThat(value(wall, kind)).isEqualTo("hard");
        assertThat(value(fence, kind)).isEqualTo("hard");
    }

    @Test
    void bringADeletedDetailBackWithItsValues() {
        tell(wall, values(kind, "hard"));
        browser.send(student, "DELETE", "/api/collections/" + id + "/details/" + kind, "");
        assertThat(Browser.texts(seen().path("details"), "name")).containsExactly("Cost");
        assertThat(tell(fence, values(kind, "soft")).status()).as("it is gone").isEqualTo(404);
        browser.send(student, "POST", "/api/collections/" + id + "/details/" + kind + "/restore", "");
        assertThat(value(wall, kind)).isEqualTo("hard");
    }

    @Test
    void keepADetailAsTheKindThatItBeganAs() {
        put("/details/" + cost, "{'name':'Price','kind':'NUMBER','unit':'a mile'}");
        assertThat(seen().at("/details/1/unit").asString()).isEqualTo("a mile");
        put("/details/" + cost, "{'name':'Price','kind':'WORDS','unit':''}");
        assertThat(seen().at("/details/1/name").asString()).isEqualTo("Price");
        assertThat(seen().at("/details/1/kind").asString()).isEqualTo("NUMBER");
    }

    @Test
    void noticeAPageThatIsThereAlready() {
        var again = UUID.randomUUID();
        put(
                "/items/" + again,
                "{'kind':'LINK','title':'Wall','note':'','url':'http://www.skerrow.example/wall/?utm_source=mail'}");
        assertThat(item(again).path("sameAs").asString()).isEqualTo(wall.toString());
        assertThat(item(wall).has("sameAs")).isFalse();
    }

    @Test
    void nameTheTopicsThatAThingHelpsWith() {
        school.desk(student, of.schoolClass());
        put("/items/" + wall + "/notches/" + school.node("2.3a"), "");
        assertThat(item(wall).at("/topics/0").asString()).startsWith("2.3 ");
    }

    @Test
    void keepViewsUnderTheirNames() {
        var view = UUID.randomUUID();
        assertThat(put("/views/" + view, view("Links")).status()).isEqualTo(204);
        put("/views/" + view, view("Only links"));
        var views =
                browser.get(student, "/api/collections/" + id + "/views").json().path("views");
        assertThat(Browser.texts(views, "name")).containsExactly("Only links");
        assertThat(views.at("/0/look/only/kind/0").asString()).isEqualTo("Link");
        assertThat(put("/views/" + UUID.randomUUID(), view(" ")).status()).isEqualTo(422);
    }

    @Test
    void layCardsOnTheBoardAndTieThem() {
        var tie = UUID.randomUUID();
        var places = "{'places':[{'item':'%s','x':12.5,'y':-40},{'item':'%s','x':300,'y':0}]}".formatted(wall, fence);
        assertThat(put("/places", places).status()).isEqualTo(204);
        assertThat(put("/ties/" + tie, tie(wall, fence, "dearer than")).status())
                .isEqualTo(204);
        put("/ties/" + tie, tie(wall, fence, "replaced by"));
        var board = browser.get(student, "/api/collections/" + id + "/views").json();
        assertThat(board.path("places")).hasSize(2);
        assertThat(Browser.texts(board.path("ties"), "words")).containsExactly("replaced by");
        browser.send(student, "DELETE", "/api/collections/" + id + "/items/" + fence, "");
        var after = browser.get(student, "/api/collections/" + id + "/views").json();
        assertThat(after.path("ties")).as("its end is in the bin").isEmpty();
        assertThat(after.path("places")).hasSize(1);
        browser.send(student, "POST", "/api/collections/bin/" + fence + "/restore", "");
        assertThat(browser.get(student, "/api/collections/" + id + "/views")
                        .json()
                        .path("ties"))
                .hasSize(1);
    }

    private static String tie(UUID from, UUID to, String words) {
        return "{'from':'%s','to':'%s','words':'%s','isDirected':true}".formatted(from, to, words);
    }

    @Test
    void tieNothingOfAnotherCollectionAndNothingToItself() {
        var other = UUID.randomUUID();
        var thing = UUID.randomUUID();
        browser.send(student, "PUT", "/api/collections/" + other, "{'title':'Rivers','purpose':''}");
        browser.send(
                student,
                "PUT",
                "/api/collections/" + other + "/items/" + thing,
                "{'kind':'NOTE','title':'Bank','note':''}");
        assertThat(List.of(
                        put("/ties/" + UUID.randomUUID(), tie(wall, thing, "")).status(),
                        put("/ties/" + UUID.randomUUID(), tie(wall, wall, "")).status(),
                        put("/places", "{'places':[{'item':'%s','x':0,'y':0}]}".formatted(thing))
                                .status(),
                        put("/places", "{'places':[{'item':'%s','x':1e9,'y':0}]}".formatted(wall))
                                .status()))
                .containsExactly(404, 422, 404, 422);
    }
}
