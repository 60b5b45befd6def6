package notchbook.core.book;

import java.util.List;
import java.util.UUID;

/** What a book begins with: its parts in order, and who it is for, as its student is told. */
public record BookPattern(UUID id, String name, String forWhom, List<BookPart> parts) {
    private static final int LONGEST_NAME = 100;
    private static final int MOST_PARTS = 30;

    /** As long as one line under a title. */
    public static final int LONGEST_FOR_WHOM = 200;

    /** The pattern of a book where neither the school nor a teacher has another. */
    public static final BookPattern YEAR = new BookPattern(
            UUID.fromString("00000000-0000-0000-0000-000000000001"),
            "A book of the year",
            "your teachers, your family, and yourself in some years",
            BookPart.YEAR);

    public BookPattern {
        name = name.strip();
        forWhom = forWhom.strip();
        parts = List.copyOf(parts);
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A pattern needs a name of 1 to 100 characters.");
        }
        if (forWhom.length() > LONGEST_FOR_WHOM) {
            throw new IllegalArgumentException("Say who the book is for in up to 200 characters.");
        }
        if (parts.isEmpty() || parts.size() > MOST_PARTS) {
            throw new IllegalArgumentException("A pattern has 1 to 30 parts.");
        }
    }
}
