package notchbook.core.book;

import static java.util.Collections.nCopies;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import notchbook.core.book.BookPage.Subject;
import notchbook.core.text.WordRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BookTest {
    private static final UUID PHYSICS = new UUID(9, 1);
    private static final UUID MUSIC = new UUID(9, 2);
    private static final UUID PAGE = new UUID(8, 1);
    private static final UUID ECHO = new UUID(7, 1);
    private static final UUID BINNED = new UUID(7, 2);
    private static final WordRange FEW = new WordRange(2, 4);

    private static final BookLack.Around AROUND = new BookLack.Around() {
        @Override
        public Optional<String> nameOf(UUID entry) {
            return entry.equals(BINNED) ? Optional.empty() : Optional.of("Path and timing");
        }

        @Override
        public Set<UUID> withFigures() {
            return Set.of(PHYSICS);
        }
    };

    @ParameterizedTest
    @CsvSource({
        "'', for me, 1, A pattern needs a name of 1 to 100 characters.",
        "Portfolio, for me, 0, A pattern has 1 to 30 parts.",
        "Portfolio, for me, 31, A pattern has 1 to 30 parts."
    })
    void refusesAPatternThatNobodyCouldUse(String name, String forWhom, int parts, String words) {
        assertThatThrownBy(() -> new BookPattern(PAGE, name, forWhom, nCopies(parts, BookPart.YEAR.getFirst())))
                .hasMessage(words);
    }

    @Test
    void saysInOneLineWhoAPatternIsFor() {
        assertThat(new BookPattern(PAGE, " Portfolio ", " my family ", BookPart.YEAR).forWhom())
                .isEqualTo("my family");
        assertThatThrownBy(() -> new BookPattern(PAGE, "Portfolio", "x".repeat(201), BookPart.YEAR))
                .hasMessage("Say who the book is for in up to 200 characters.");
    }

    @Test
    void beginsWithTwoPagesForEachNotebookAndFiveThatCloseIt() {
        var ids = new AtomicLong();
        var pages = BookPage.begin(
                BookPart.YEAR,
                List.of(new Subject(PHYSICS, "Physics"), new Subject(MUSIC, "Music")),
                () -> new UUID(0, ids.incrementAndGet()));
        assertThat(pages.stream().map(page -> page.part().heading()))
                .containsExactly(
                        "Physics, what I am proud of",
                        "Physics, the year in figures",
                        "Music, what I am proud of",
                        "Music, the year in figures",
                        "How I work",
                        "Outside lessons",
                        "Next year",
                        "In five years",
                        "To remember");
        assertThat(pages.get(2).notebook()).contains(MUSIC);
        assertThat(pages.stream().map(BookPage::id)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''             | “How I work”: 0 words, it asks for 2 to 4",
                "one            | “How I work”: 1 word, it asks for 2 to 4",
                "one two        | ''",
                "a b c d e      | “How I work”: 5 words, it asks for 2 to 4",
            })
    void asksForWordsInRange(String words, String lack) {
        assertThat(lacks(page(BookPart.Kind.WORDS, "How I work", false, words))).isEqualTo(lack);
        assertThat(lacks(page(BookPart.Kind.WORDS, "How I work", true, words)))
                .as("nothing of a page that is left out")
                .isEmpty();
    }

    @Test
    void asksForAPieceAndWhyItIsHere() {
        assertThat(lacks(subject())).isEqualTo("“Proud”: no piece is chosen yet");
        assertThat(lacks(subject(new BookPiece(ECHO, Optional.empty(), "", "why"))))
                .isEqualTo("“Path and timing”, why: 1 word, it asks for 2 to 4");
        assertThat(lacks(subject(new BookPiece(ECHO, Optional.empty(), "", "I halved it"))))
                .isEmpty();
        assertThat(lacks(subject(new BookPiece(ECHO, Optional.of(BINNED), "", "I halved it"))))
                .isEqualTo("“Proud”: a piece is in the bin. Bring it back, or take it out of the book");
    }

    @Test
    void asksToLeaveFiguresOutWhereThereAreNone() {
        assertThat(lacks(figures(PHYSICS))).isEmpty();
        assertThat(lacks(figures(MUSIC))).isEqualTo("“Figures”: nothing can be counted yet. Leave this page out");
    }

    @Test
    void leadsToThePieceThatLacksSomething() {
        var found = BookLack.of(List.of(subject(new BookPiece(ECHO, Optional.empty(), "", ""))), AROUND);
        assertThat(found.getFirst().page()).isEqualTo(PAGE);
        assertThat(found.getFirst().piece()).contains(ECHO);
    }

    @Test
    void keepsPiecesOnThePageOfTheirSubject() {
        var piece = List.of(new BookPiece(ECHO, Optional.empty(), "", ""));
        var words = new BookPart(BookPart.Kind.WORDS, "How I work", "", FEW);
        assertThatThrownBy(() -> new BookPage(PAGE, Optional.empty(), words, false, "", piece))
                .hasMessageContaining("page of their subject");
        assertThatThrownBy(() -> new BookPage(PAGE, Optional.of(PHYSICS), words, false, "", List.of()))
                .hasMessageContaining("one notebook");
        assertThatThrownBy(() -> new BookPiece(ECHO, Optional.of(ECHO), "", "")).hasMessageContaining("two different");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  "})
    void needsAHeading(String heading) {
        assertThatThrownBy(() -> new BookPart(BookPart.Kind.WORDS, heading, "", FEW))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static String lacks(BookPage page) {
        return BookLack.of(List.of(page), AROUND).stream()
                .map(BookLack::words)
                .reduce("", (before, words) -> before + words);
    }

    private static BookPage page(BookPart.Kind kind, String heading, boolean leftOut, String words) {
        return new BookPage(PAGE, Optional.empty(), new BookPart(kind, heading, "", FEW), leftOut, words, List.of());
    }

    private static BookPage subject(BookPiece... pieces) {
        return new BookPage(
                PAGE,
                Optional.of(PHYSICS),
                new BookPart(BookPart.Kind.SUBJECT, "Proud", "", FEW),
                false,
                "",
                List.of(pieces));
    }

    private static BookPage figures(UUID notebook) {
        return new BookPage(
                PAGE,
                Optional.of(notebook),
                new BookPart(BookPart.Kind.FIGURES, "Figures", "", FEW),
                false,
                "",
                List.of());
    }
}
