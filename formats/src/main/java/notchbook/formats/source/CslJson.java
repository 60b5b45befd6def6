package notchbook.formats.source;

import de.undercouch.citeproc.csl.CSLItemData;
import de.undercouch.citeproc.helper.json.StringJsonBuilderFactory;
import java.util.List;
import notchbook.core.source.Cited;
import tools.jackson.databind.json.JsonMapper;

/** Writes references as CSL JSON, an array of items. */
public final class CslJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private CslJson() {}

    public static String write(List<Cited> all) {
        return MAPPER.writerWithDefaultPrettyPrinter()
                .writeValueAsString(
                        all.stream().map(CslItems::of).map(CslJson::tree).toList());
    }

    private static Object tree(CSLItemData item) {
        return MAPPER.readTree((String) item.toJson(new StringJsonBuilderFactory().createJsonBuilder()));
    }
}
