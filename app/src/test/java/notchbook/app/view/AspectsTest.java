package notchbook.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionViews.ItemView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One table of things and of what they are told apart by, which the screen's own test is held to as well. */
class AspectsTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Told TOLD = JSON.readValue(AspectsTest.class.getResourceAsStream("aspects.json"), Told.class);

    private final Aspects aspects = new Aspects(List.of());

    /** A plain thing, what there is to ask of it, and what things have that differ from it in some parts. */
    private record Told(ObjectNode thing, List<List<String>> aspects, List<Case> cases) {}

    private record Case(ObjectNode of, Map<String, List<String>> has) {}

    static Stream<Case> cases() {
        return TOLD.cases().stream();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void tellsThingsApart(Case told) {
        var item = TOLD.thing().deepCopy();
        item.setAll(told.of());
        assertThat(aspects.thing(JSON.treeToValue(item, ItemView.class)).values())
                .containsAllEntriesOf(told.has());
    }

    @Test
    void callsTheAspectsTheSame() {
        assertThat(aspects.all())
                .extracting(column -> List.of(
                        column.by().detail(), column.name(), column.by().scale().name()))
                .isEqualTo(TOLD.aspects());
    }
}
