package notchbook.core.notebook;

/** What the checks see of an entry: the zone it was made for, its kind, its typed words, whether anything is in it. */
public record ZoneContent(String zone, EvidenceKind kind, int words, boolean isEmpty) {}
