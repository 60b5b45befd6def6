package notchbook.formats.sheet;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.core.notebook.Zone;
import notchbook.core.text.Document;
import notchbook.core.text.Minutes;
import notchbook.core.voice.SpokenLines;

/** A section as it leaves, in whatever form: its pages and reflections, with who made it and which version it is. */
public record SectionSheet(
        String title, String student, String notebook, String version, List<Page> pages, List<Reflection> reflections) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

    /** Whose it is and of which notebook and version, in a line. */
    public String from() {
        return student + " · " + notebook + " · " + version;
    }

    /** The titles of all pages and reflections, in order. */
    public List<String> titles() {
        return Stream.concat(
                        pages.stream().map(Page::title), reflections.stream().map(Reflection::title))
                .toList();
    }

    /** The sounds, clips and files that can go along, in order. */
    public List<MediaFile> files() {
        return pages.stream()
                .flatMap(page -> page.zones().stream())
                .flatMap(zone -> zone.entries().stream())
                .flatMap(entry -> entry.content().file().stream())
                .distinct()
                .toList();
    }

    /** Its pages without the sheets that look back on them, as the version {@code named}. */
    public SectionSheet pagesOnly(String named) {
        return new SectionSheet(title, student, notebook, named, pages, List.of());
    }

    /** One entry of it by itself, under a title of its own. */
    public SectionSheet only(UUID entry, String entryTitle) {
        var found = pages.stream().flatMap(page -> page.only(entry).stream()).toList();
        return new SectionSheet(entryTitle, student, notebook, version, found, List.of());
    }

    public record Page(String title, LocalDate day, String week, List<ZoneOfPage> zones) {
        /** Its day and week in words. */
        public String when() {
            return DAY.format(day) + " · " + week;
        }

        private Optional<Page> only(UUID entry) {
            return zones.stream()
                    .map(zone -> new ZoneOfPage(
                            zone.zone(),
                            zone.entries().stream()
                                    .filter(one -> one.id().equals(entry))
                                    .toList()))
                    .filter(zone -> !zone.entries().isEmpty())
                    .findFirst()
                    .map(zone -> new Page(title, day, week, List.of(zone)));
        }
    }

    /** A zone that holds something. */
    public record ZoneOfPage(Zone zone, List<Entry> entries) {}

    /**
     * An entry with its caption and the codes it is notched to; in a column also the passage or entry that it stands beside.
     */
    public record Entry(
            UUID id, Content content, String caption, Width width, List<String> codes, Optional<UUID> beside) {
        /** Its caption; without one, what it is. */
        public String named(String otherwise) {
            return caption.isBlank() ? otherwise : caption;
        }
    }

    /** How much of the line an entry takes. */
    public enum Width {
        FULL(6),
        HALF(3),
        THIRD(2);

        private final int sixths;

        Width(int sixths) {
            this.sixths = sixths;
        }

        public int sixths() {
            return sixths;
        }
    }

    public sealed interface Content {
        /** What goes along beside what is shown. */
        default Optional<MediaFile> file() {
            return Optional.empty();
        }
    }

    public record Typed(Document document) implements Content {}

    public record Ink(Drawing drawing) implements Content {}

    /**
     * A photo as encoded bytes of {@code type} (image/jpeg or image/png); {@code width} and {@code height} in px; and what is
     * written on it.
     */
    public record Photo(byte[] bytes, String type, int width, int height, Optional<Layer> layer) implements Content {
        /** What is written on it, where something is. */
        public Optional<Layer> written() {
            return layer.filter(one -> !one.isEmpty());
        }

        /** Its words for who can't see it, with those that are written on it. */
        public String words(String named) {
            var said = written().map(one -> one.words().replace("\n", ", ")).orElse("");
            return said.isBlank() ? named : named + ". Written on it: " + said;
        }
    }

    /**
     * A recording or clip is listed with its length in seconds, what is said in it, and the web address where it can be
     * heard; the file itself goes along.
     */
    public record Recording(boolean isClip, double seconds, SpokenLines lines, String address, Optional<MediaFile> file)
            implements Content {
        public String words() {
            return lines.words();
        }

        /** Minutes and seconds, such as 3:05. */
        public String length() {
            return Minutes.of(Math.round(seconds));
        }
    }

    /** A file is listed with its size in bytes; its content goes along as a file. */
    public record Attached(String name, long bytes, Optional<MediaFile> file) implements Content {}

    /** What can go along: its name, unlike that of any other here, its media type and where its content lies. */
    public record MediaFile(String name, String type, Path place) {}

    /** A link with what its page says of itself; title and description may be blank. */
    public record Link(String address, String title, String description, Optional<Photo> picture) implements Content {}

    public record Reflection(String title, List<Answer> answers, List<String> chosen) {}

    public record Answer(String question, String text) {}
}
