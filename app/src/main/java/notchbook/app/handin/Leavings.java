package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Picked;
import notchbook.core.seal.Statement;
import notchbook.formats.pdf.SignedPdf;
import notchbook.formats.sheet.SectionSheet;
import org.springframework.stereotype.Service;

/** What leaves, in whatever form: a sealed version, or work as it is now. */
@Service
public class Leavings {
    private final HandIns handIns;
    private final SealedVersions versions;
    private final SectionSheets sheets;
    private final SealKeys keys;

    Leavings(HandIns handIns, SealedVersions versions, SectionSheets sheets, SealKeys keys) {
        this.handIns = handIns;
        this.versions = versions;
        this.sheets = sheets;
        this.keys = keys;
    }

    /** What leaves, with what its seal says where it has one that holds. */
    public record Leaving(SectionSheet sheet, Optional<Statement> sealed) {}

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
                sheets.of(versions.read(handIn), version, page -> address),
                handIn.signature().filter(signature -> isOurs).map(signature -> versions.statement(handIn)));
    }

    /** Work as it is now. */
    public Leaving ofSection(Person reader, UUID section, String origin) {
        return ofPicked(reader, new Picked.OfSection(section), origin);
    }

    /** A book as it is now. */
    public Leaving ofBook(Person reader, UUID book, String origin) {
        return ofPicked(reader, new Picked.OfBook(book), origin);
    }

    /** A collection as it is now. */
    public Leaving ofCollection(Person reader, UUID collection, String origin) {
        return ofPicked(reader, new Picked.OfCollection(collection), origin);
    }

    /** A page as it is now. */
    public Leaving ofPage(Person reader, UUID page, String origin) {
        return ofPicked(reader, new Picked.OfPages(List.of(page)), origin);
    }

    private Leaving ofPicked(Person reader, Picked picked, String origin) {
        var now = handIns.preview(reader, picked, GoesAlong.NOTHING);
        return new Leaving(sheets.of(now, "not handed in", page -> origin + "/p/" + page), Optional.empty());
    }

    /** The PDF of it with its seal; without one, as it is. */
    public byte[] signed(Leaving leaving, byte[] pdf) {
        return leaving.sealed()
                .map(says -> SignedPdf.sign(pdf, says, keys.current().key()))
                .orElse(pdf);
    }
}
