package notchbook.formats.syllabus;

import java.util.List;

/** What a column of a syllabus table holds, with the headings that it is known by in tables of others. */
public enum SyllabusColumn {
    CODE("code", "ref", "reference", "number", "no", "id", "point code"),
    PARENT("parent", "under", "parent code", "belongs to"),
    TITLE("title", "topic", "heading", "name", "unit", "section"),
    STATEMENT("statement", "content", "learning outcome", "outcome", "objective", "point", "description", "text"),
    WEIGHT("weight", "weighting", "weight percent", "share", "percent", "%", "marks"),
    TIER("tier"),
    LEVEL("level", "kind", "type", "row type"),
    YEARS("exam years", "years", "exam year", "valid"),
    NOTE("note", "notes", "comment", "remarks"),
    IDENTIFIER("identifier", "guid", "uuid", "uri");

    private final List<String> names;

    SyllabusColumn(String... names) {
        this.names = List.of(names);
    }

    /** The heading that our own tables have. */
    String heading() {
        return names.getFirst();
    }

    List<String> names() {
        return names;
    }
}
