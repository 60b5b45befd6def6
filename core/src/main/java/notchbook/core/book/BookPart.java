package notchbook.core.book;

import java.util.List;
import notchbook.core.text.WordRange;

/**
 * What a page of the book is for: its heading, what it asks, and how many words that should have; of a subject's page the range is for
 * what is said about each piece. Figures ask nothing.
 */
public record BookPart(Kind kind, String heading, String question, WordRange words) {
    public enum Kind {
        /** Pieces of one notebook, each with why it was chosen. */
        SUBJECT,
        /** Growth in one notebook, as the core works it out. */
        FIGURES,
        /** Words alone. */
        WORDS
    }

    private static final int LONGEST_HEADING = 120;
    private static final int LONGEST_QUESTION = 300;
    private static final int MOST_WORDS = 2_000;

    /** The parts of a book that follow no other pattern: two for each notebook, then those that close it. */
    public static final List<BookPart> YEAR = List.of(
            new BookPart(
                    Kind.SUBJECT,
                    "What I am proud of",
                    "Which pieces are you most proud of, and why?",
                    new WordRange(20, 80)),
            new BookPart(Kind.FIGURES, "The year in figures", "", new WordRange(0, 0)),
            new BookPart(
                    Kind.WORDS,
                    "How I work",
                    "Which habits helped you this year, how did you work with others, and what will you change?",
                    new WordRange(60, 200)),
            new BookPart(
                    Kind.WORDS,
                    "Outside lessons",
                    "What did you do this year because you wanted to, and what did it teach you?",
                    new WordRange(40, 200)),
            new BookPart(
                    Kind.WORDS,
                    "Next year",
                    "What do you mean to get better at next year, and how will you know?",
                    new WordRange(40, 150)),
            new BookPart(
                    Kind.WORDS,
                    "In five years",
                    "What would you like to be doing in five years, and what from this year leads there?",
                    new WordRange(40, 150)),
            new BookPart(
                    Kind.WORDS,
                    "To remember",
                    "Which moments of this year do you want to keep?",
                    new WordRange(30, 200)));

    public BookPart {
        heading = heading.strip();
        question = question.strip();
        if (heading.isEmpty() || heading.length() > LONGEST_HEADING) {
            throw new IllegalArgumentException("A page needs a heading of 1 to 120 characters.");
        }
        if (question.length() > LONGEST_QUESTION) {
            throw new IllegalArgumentException("A question has up to 300 characters.");
        }
        if (words.most() > MOST_WORDS) {
            throw new IllegalArgumentException("A page asks for up to 2,000 words.");
        }
    }

    public boolean hasNotebook() {
        return kind != Kind.WORDS;
    }

    BookPart headed(String other) {
        return new BookPart(kind, other, question, words);
    }
}
