package notchbook.app.handin;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Picked;
import notchbook.core.seal.Statement;
import notchbook.formats.markdown.MarkdownFolder;
import notchbook.formats.pdf.PagePictures;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import notchbook.formats.pdf.SectionPdf;
import notchbook.formats.pdf.SignedPdf;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.web.Epub;
import notchbook.formats.web.WebFolder;
import org.springframework.stereotype.Service;

/** What leaves: a sealed version, or work as it is now, in forms that others can open. */
@Service
public class Copies {
    private final HandIns handIns;
    private final SealedVersions versions;
    private final SectionSheets sheets;
    private final SealKeys keys;
    private final SchoolClock clock;

    Copies(HandIns handIns, SealedVersions versions, SectionSheets sheets, SealKeys keys, SchoolClock clock) {
        this.handIns = handIns;
        this.versions = versions;
        this.sheets = sheets;
        this.keys = keys;
        this.clock = clock;
    }

    /** What leaves, with what its seal says where it has one that holds. */
    public record Leaving(UUID id, SectionSheet sheet, Optional<Statement> sealed) {}

    /**
     * A sealed version; {@code origin} is the address of this school, as the reader typed it. What another installation sealed is not
     * sealed by this one.
     */
    public Leaving ofVersion(Person reader, UUID id, String origin) {
        var handIn = handIns.require(reader, id);
        var isWhole = versions.broken(handIn).isEmpty();
        var isOurs = isWhole && !versions.isSealedElsewhere(handIn);
        var version = "version " + handIn.version() + (isWhole ? "" : ", its seal is broken");
        var address = origin + "/versions/" + id;
        return new Leaving(
                id,
                sheets.of(versions.read(handIn), version, page -> address),
                handIn.signature().filter(signature -> isOurs).map(signature -> versions.statement(handIn)));
    }

    /** Work as it is now. */
    public Leaving ofSection(Person reader, UUID section, String origin) {
        return ofPicked(reader, section, new Picked.OfSection(section), origin);
    }

    /** A page as it is now. */
    public Leaving ofPage(Person reader, UUID page, String origin) {
        return ofPicked(reader, page, new Picked.OfPages(List.of(page)), origin);
    }

    private Leaving ofPicked(Person reader, UUID id, Picked picked, String origin) {
        var now = handIns.preview(reader, picked, GoesAlong.NOTHING);
        return new Leaving(id, sheets.of(now, "not handed in", page -> origin + "/p/" + page), Optional.empty());
    }

    /** The PDF, with the seal of what has one. */
    byte[] pdf(Leaving leaving, PdfWish wish) {
        var pdf = SectionPdf.write(leaving.sheet(), wish);
        return leaving.sealed()
                .map(says -> SignedPdf.sign(pdf, says, keys.current().key()))
                .orElse(pdf);
    }

    void write(Leaving leaving, Form form, OutputStream out) throws IOException {
        var sheet = leaving.sheet();
        switch (form) {
            case EPUB -> {
                try (var sounds = new BookSounds()) {
                    Epub.write(sheet, new Epub.Edition(leaving.id(), clock.now()), sounds::asOpus, out);
                }
            }
            case WEB -> WebFolder.write(sheet, out);
            case MARKDOWN -> MarkdownFolder.write(sheet, out);
            case PICTURES -> PagePictures.write(sheet, PaperSize.A4, out);
        }
    }

    /** A form besides the PDF, with the name of its files. */
    enum Form {
        EPUB("epub", "application/epub+zip"),
        WEB("zip", "application/zip"),
        MARKDOWN("zip", "application/zip"),
        PICTURES("zip", "application/zip");

        final String ending;
        final String type;

        Form(String ending, String type) {
            this.ending = ending;
            this.type = type;
        }
    }
}
