package notchbook.app.handin;

import java.io.IOException;
import java.io.OutputStream;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Picked;
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
class Copies {
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

    /** {@code origin} is the address of this school, as the reader typed it. */
    SectionSheet ofVersion(Person reader, UUID id, String origin) {
        var handIn = handIns.require(reader, id);
        var version = "version " + handIn.version() + (versions.broken(handIn).isEmpty() ? "" : ", its seal is broken");
        var address = origin + "/versions/" + id;
        return sheets.of(versions.read(handIn), version, page -> address);
    }

    /** Work as it is now. */
    SectionSheet ofSection(Person reader, UUID section, String origin) {
        var now = handIns.preview(reader, new Picked.OfSection(section), GoesAlong.NOTHING);
        return sheets.of(now, "not handed in", page -> origin + "/p/" + page);
    }

    /** The PDF of a sealed version, with its seal; without one when it was never signed, or does not hold any more. */
    byte[] sealedPdf(Person reader, UUID id, SectionSheet sheet, PdfWish wish) {
        var handIn = handIns.require(reader, id);
        var pdf = SectionPdf.write(sheet, wish);
        return handIn.signature().isPresent() && versions.broken(handIn).isEmpty()
                ? SignedPdf.sign(pdf, versions.statement(handIn), keys.current().key())
                : pdf;
    }

    /** {@code id} is what a reader of books knows it by. */
    void write(SectionSheet sheet, UUID id, Form form, OutputStream out) throws IOException {
        switch (form) {
            case EPUB -> Epub.write(sheet, id, clock.now(), out);
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
