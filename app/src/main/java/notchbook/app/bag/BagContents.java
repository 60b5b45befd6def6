package notchbook.app.bag;

import static notchbook.tables.Tables.EDITION;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_PART;
import static notchbook.tables.Tables.MEDIA;

import java.io.IOException;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.Leavings;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaPath;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.seal.Sha256;
import notchbook.formats.bag.BagWriter;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.ink.DrawingSvg;
import notchbook.formats.ink.InkMl;
import notchbook.formats.markdown.MarkdownFolder;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.syllabus.CaseWriter;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Component;

/** Writes all that is somebody's into a bag: records for the way back in, and open files for whoever opens it elsewhere. */
@Component
class BagContents {
    private static final String README = """
            What is in this bag

            records/    everything as it was, a line of JSON for each thing, to be brought into a Notchbook again
            media/      photos, sounds, clips and files as they were; in media/small/ the copies that were shown
            read/       the pages of each notebook as Markdown, with their drawings as SVG
            ink/        every drawing as InkML and SVG
            syllabus/   the syllabi as CASE 1.0
            sealed/     versions that were handed in; the lists of digests count from their own folder, and media/ from here

            manifest-sha256.txt, beside the folder data, has the SHA-256 of each of these files (BagIt 1.0, RFC 8493).
            """;

    private static final int AT_ONCE = 500;

    private final DSLContext db;
    private final BagRecords records;
    private final Media media;
    private final Notebooks notebooks;
    private final Leavings leavings;
    private final Syllabi syllabi;

    BagContents(
            DSLContext db, BagRecords records, Media media, Notebooks notebooks, Leavings leavings, Syllabi syllabi) {
        this.db = db;
        this.records = records;
        this.media = media;
        this.notebooks = notebooks;
        this.leavings = leavings;
        this.syllabi = syllabi;
    }

    /** {@code progress} is told how far it is, from 0 to 1. */
    void write(Person owner, Whose whose, BagWriter bag, DoubleConsumer progress) throws IOException {
        bag.put("README.txt", README);
        records.write(whose, bag);
        var lying = media(whose, bag, progress);
        read(owner, whose, lying, bag);
        ink(whose, bag);
        syllabi(owner, whose, bag);
        sealed(whose, bag);
    }

    /** Writes the pages of a person's notebooks into nothing: whatever can't be read throws. */
    void readThrough(Person owner, Whose whose) throws IOException {
        try (var nowhere = new BagWriter(OutputStream.nullOutputStream(), "nowhere")) {
            read(owner, whose, Map.of(), nowhere);
            ink(whose, nowhere);
        }
    }

    /** Copies every content, and says where each lies by its SHA-256. */
    private Map<String, String> media(Whose whose, BagWriter bag, DoubleConsumer progress) throws IOException {
        var which = BagTables.MEDIA_ITEMS.which().apply(whose);
        var ids = db.select(MEDIA.ID).from(MEDIA).where(which).orderBy(MEDIA.ID).fetch(MEDIA.ID);
        var lying = new HashMap<String, String>();
        for (var from = 0; from < ids.size(); from += AT_ONCE) {
            var some = ids.subList(from, Math.min(ids.size(), from + AT_ONCE));
            var items = media.findAll(some);
            for (var id : some) {
                var item = items.get(id);
                copy(item, MediaPath.of(item), lying, bag);
                var small = media.smaller(item);
                if (small.isPresent()) {
                    copy(small.get(), small(small.get()), lying, bag);
                }
                progress.accept((double) lying.size() / (2 * ids.size() + 1));
            }
        }
        return lying;
    }

    private void copy(MediaItem item, String path, Map<String, String> lying, BagWriter bag) throws IOException {
        bag.copy(path, media.place(item));
        lying.putIfAbsent(item.sha256(), path);
    }

    /** Where the smaller copy of an item lies. */
    private static String small(MediaItem small) {
        return MediaPath.of(small).replaceFirst("^media/", "media/small/");
    }

    private void read(Person owner, Whose whose, Map<String, String> lying, BagWriter bag) throws IOException {
        for (var notebook : of(owner, whose)) {
            var folder = "read/" + named(notebook.title()) + " "
                    + notebook.id().toString().substring(24);
            var number = 0;
            for (var section : notebooks.sections(notebook)) {
                if (section.parent().isEmpty()) {
                    number++;
                    var within = "%s/%02d %s/".formatted(folder, number, named(section.title()));
                    put(within, leavings.ofSection(owner, section.id(), "").sheet(), lying, bag);
                }
            }
        }
    }

    private static void put(String folder, SectionSheet sheet, Map<String, String> lying, BagWriter bag)
            throws IOException {
        var beside = SheetMedia.beside(new Lying(lying));
        bag.put(folder + "section.md", MarkdownFolder.text(sheet, beside));
        for (var part : beside.parts()) {
            // All else lies in the bag's folder of media; a drawing is made for the page.
            if (part instanceof SheetMedia.Picture picture) {
                bag.put(folder + picture.path(), out -> out.write(picture.content()));
            }
        }
    }

    private List<Notebook> of(Person owner, Whose whose) {
        return notebooks.of(owner).stream()
                .filter(notebook -> whose.notebook().map(notebook.id()::equals).orElse(true))
                .toList();
    }

    /** What every file system takes. */
    static String named(String title) {
        return title.replaceAll("[^\\p{L}\\p{N} _-]+", "-").strip();
    }

    /** Contents lie in the bag's folder of media, three steps up from the pages. */
    private record Lying(Map<String, String> bySha256) implements SheetMedia.There {
        @Override
        public Optional<String> picture(Photo photo) {
            return at(Sha256.hex(photo.bytes()));
        }

        @Override
        public Optional<String> file(MediaFile file) {
            return at(file.place().getFileName().toString());
        }

        private Optional<String> at(String sha256) {
            return Optional.ofNullable(bySha256.get(sha256)).map(path -> "../../../" + path);
        }
    }

    private void ink(Whose whose, BagWriter bag) throws IOException {
        var drawings = db.select(ENTRY.ID, ENTRY.CONTENT, ENTRY.CAPTION)
                .from(ENTRY)
                .where(BagTables.ENTRIES.which().apply(whose), ENTRY.KIND.eq(EntryKind.INK.name()))
                .orderBy(ENTRY.ID)
                .fetchSize(AT_ONCE);
        try (var rows = drawings.fetchLazy()) {
            for (var row : rows) {
                var drawing = DrawingJson.read(row.get(ENTRY.CONTENT));
                bag.put("ink/" + row.get(ENTRY.ID) + ".inkml", InkMl.write(drawing));
                bag.put("ink/" + row.get(ENTRY.ID) + ".svg", DrawingSvg.write(drawing, row.get(ENTRY.CAPTION)));
            }
        }
    }

    private void syllabi(Person owner, Whose whose, BagWriter bag) throws IOException {
        var used = db.fetch(BagTables.EDITIONS.ids(whose)).intoSet(EDITION.ID);
        for (var info : syllabi.editions(owner)) {
            if (used.contains(info.id()) && !info.isBlank()) {
                var content = CaseWriter.write(
                        syllabi.edition(info.id()), info.id(), info.code(), info.title(), info.changedAt());
                bag.put("syllabus/" + named(info.name()) + " " + info.id() + ".json", out -> out.write(content));
            }
        }
    }

    private void sealed(Whose whose, BagWriter bag) throws IOException {
        var ids = db.fetch(BagTables.HAND_INS.ids(whose)).getValues(HAND_IN.ID);
        for (var id : ids.stream().sorted().toList()) {
            var folder = "sealed/" + id + "/";
            bag.put(folder + "manifest-sha256.txt", manifest(id));
            for (var part : parts(id)) {
                bag.put(folder + part.get(HAND_IN_PART.PATH), part.get(HAND_IN_PART.CONTENT));
            }
        }
    }

    private String manifest(UUID handIn) {
        return db.select(HAND_IN.MANIFEST)
                .from(HAND_IN)
                .where(HAND_IN.ID.eq(handIn))
                .fetchSingle(HAND_IN.MANIFEST);
    }

    private List<? extends Record> parts(UUID handIn) {
        return db.selectFrom(HAND_IN_PART)
                .where(HAND_IN_PART.HAND_IN_ID.eq(handIn))
                .orderBy(HAND_IN_PART.PATH)
                .fetch();
    }
}
