package notchbook.formats.source;

import de.undercouch.citeproc.csl.CSLDate;
import de.undercouch.citeproc.csl.CSLDateBuilder;
import de.undercouch.citeproc.csl.CSLItemData;
import de.undercouch.citeproc.csl.CSLItemDataBuilder;
import de.undercouch.citeproc.csl.CSLName;
import de.undercouch.citeproc.csl.CSLNameBuilder;
import de.undercouch.citeproc.csl.CSLType;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.source.Cited;
import notchbook.core.source.Published;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;
import org.jspecify.annotations.Nullable;

/** Sources as items of the Citation Style Language, and back. */
final class CslItems {
    private CslItems() {}

    static CSLItemData of(Cited cited) {
        var source = cited.source();
        var item = new CSLItemDataBuilder()
                .id(cited.id().toString())
                .type(type(source.kind()))
                .title(cited.title())
                .author(source.authors().stream().map(CslItems::name).toArray(CSLName[]::new));
        cited.address().ifPresent(item::URL);
        source.lookedAt()
                .ifPresent(
                        day -> item.accessed(date(List.of(day.getYear(), day.getMonthValue(), day.getDayOfMonth()))));
        if (!source.published().isEmpty()) {
            item.issued(date(Published.parts(source.published())));
        }
        if (!source.where().isEmpty()) {
            if (source.kind() == SourceKind.BOOK || source.kind() == SourceKind.DATA) {
                item.publisher(source.where());
            } else {
                item.containerTitle(source.where());
            }
        }
        return item.build();
    }

    /** What an item of a file says, under an id of ours. */
    static Cited cited(CSLItemData item) {
        return new Cited(
                UUID.randomUUID(),
                text(item.getTitle()),
                Optional.ofNullable(item.getURL()),
                new Source(
                        kind(item.getType()),
                        Stream.ofNullable(item.getAuthor())
                                .flatMap(Arrays::stream)
                                .map(CslItems::name)
                                .limit(MOST_AUTHORS)
                                .toList(),
                        published(item.getIssued()),
                        cut(Stream.of(item.getContainerTitle(), item.getPublisher())
                                .map(CslItems::text)
                                .filter(words -> !words.isEmpty())
                                .findFirst()
                                .orElse("")),
                        "",
                        lookedAt(item.getAccessed()),
                        Optional.empty(),
                        List.of()));
    }

    private static final int LONGEST = 200;
    private static final int MOST_AUTHORS = 30;

    static String cut(String words) {
        return words.length() > LONGEST ? words.substring(0, LONGEST) : words;
    }

    static String text(@Nullable String words) {
        return words == null ? "" : words.replaceAll("[\\s\\p{Cntrl}]+", " ").strip();
    }

    private static CSLName name(String author) {
        var comma = author.indexOf(',');
        return comma < 0
                ? new CSLNameBuilder().literal(author).build()
                : new CSLNameBuilder()
                        .family(author.substring(0, comma).strip())
                        .given(author.substring(comma + 1).strip())
                        .build();
    }

    private static String name(CSLName name) {
        if (name.getLiteral() != null) {
            return cut(text(name.getLiteral()));
        }
        var family = (text(name.getNonDroppingParticle()) + " " + text(name.getFamily())).strip();
        var given = text(name.getGiven());
        return cut(given.isEmpty() ? family : family + ", " + given);
    }

    private static CSLDate date(List<Integer> parts) {
        return new CSLDateBuilder()
                .dateParts(parts.stream().mapToInt(Integer::intValue).toArray())
                .build();
    }

    private static String published(@Nullable CSLDate date) {
        return parts(date)
                .filter(parts -> parts.length > 0 && parts[0] >= 1_000 && parts[0] <= 9_999)
                .map(parts -> switch (parts.length) {
                    case 1 -> "" + parts[0];
                    case 2 -> "%d-%d".formatted(parts[0], parts[1]);
                    default -> "%d-%d-%d".formatted(parts[0], parts[1], parts[2]);
                })
                .map(CslItems::readable)
                .orElse("");
    }

    /** When something came out as it is kept; blank where nobody can tell. */
    static String readable(String published) {
        try {
            return Published.read(published);
        } catch (IllegalArgumentException noDay) {
            return "";
        }
    }

    private static Optional<int[]> parts(@Nullable CSLDate date) {
        return Optional.ofNullable(date)
                .map(CSLDate::getDateParts)
                .filter(all -> all.length > 0)
                .map(all -> all[0]);
    }

    private static Optional<LocalDate> lookedAt(@Nullable CSLDate date) {
        return Optional.of(published(date))
                .filter(day -> day.length() == "2026-11-03".length())
                .map(LocalDate::parse);
    }

    private static CSLType type(SourceKind kind) {
        return switch (kind) {
            case WEB_PAGE -> CSLType.WEBPAGE;
            case BOOK -> CSLType.BOOK;
            case ARTICLE -> CSLType.ARTICLE_JOURNAL;
            case NEWS -> CSLType.ARTICLE_NEWSPAPER;
            case FILM -> CSLType.MOTION_PICTURE;
            case PICTURE -> CSLType.GRAPHIC;
            case TALK -> CSLType.INTERVIEW;
            case DATA -> CSLType.DATASET;
        };
    }

    private static SourceKind kind(@Nullable CSLType type) {
        return type == null
                ? SourceKind.WEB_PAGE
                : switch (type) {
                    case BOOK, CHAPTER, THESIS, REPORT, PAMPHLET, MANUSCRIPT -> SourceKind.BOOK;
                    case ARTICLE, ARTICLE_JOURNAL, PAPER_CONFERENCE, REVIEW -> SourceKind.ARTICLE;
                    case ARTICLE_MAGAZINE, ARTICLE_NEWSPAPER -> SourceKind.NEWS;
                    case MOTION_PICTURE, BROADCAST -> SourceKind.FILM;
                    case GRAPHIC, FIGURE, MAP -> SourceKind.PICTURE;
                    case INTERVIEW, SPEECH, PERSONAL_COMMUNICATION -> SourceKind.TALK;
                    case DATASET -> SourceKind.DATA;
                    default -> SourceKind.WEB_PAGE;
                };
    }
}
