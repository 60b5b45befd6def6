package notchbook.app.entry;

/** The name by which a student knows an entry: its caption, else its first words, else its kind. */
public final class EntryName {
    /** Words of a text that still fit on one line of a list. */
    private static final int MOST_CHARACTERS = 48;

    private EntryName() {}

    public static String of(EntryKind kind, String caption, String words) {
        if (!caption.isBlank()) {
            return caption;
        }
        var first = words.strip().lines().findFirst().orElse("");
        if (!first.isEmpty()) {
            return first.length() <= MOST_CHARACTERS
                    ? first
                    : first.substring(0, MOST_CHARACTERS).strip() + "…";
        }
        return switch (kind) {
            case TYPED -> "Typed note";
            case INK -> "Drawing";
            case PHOTO -> "Photo";
            case RECORDING -> "Recording";
            case CLIP -> "Clip";
            case FILE -> "File";
            case LINK -> "Link";
            case VIEW -> "View";
        };
    }
}
