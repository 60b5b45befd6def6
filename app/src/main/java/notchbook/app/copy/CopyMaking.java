package notchbook.app.copy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import notchbook.app.handin.Leavings;
import notchbook.app.handin.Leavings.Leaving;
import notchbook.app.media.Shelf;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Steadily;
import notchbook.formats.markdown.MarkdownFolder;
import notchbook.formats.pdf.PagePictures;
import notchbook.formats.pdf.SectionPdf;
import notchbook.formats.web.Epub;
import notchbook.formats.web.WebFile;
import notchbook.formats.web.WebFolder;
import notchbook.formats.word.WordFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Makes copies, each of what its reader may read at that moment. */
@Component
class CopyMaking implements Job {
    static final String NAME = "copy";

    private static final Logger LOG = LoggerFactory.getLogger(CopyMaking.class);

    private final CopyStore copies;
    private final Shelf shelf;
    private final Leavings leavings;
    private final People people;
    private final SchoolClock clock;

    CopyMaking(CopyStore copies, Shelf copyShelf, Leavings leavings, People people, SchoolClock clock) {
        this.copies = copies;
        this.shelf = copyShelf;
        this.leavings = leavings;
        this.people = people;
        this.clock = clock;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID id) {
        copies.find(id).filter(copy -> copy.state() == MadeState.WAITING).ifPresent(this::make);
    }

    private void make(Copy copy) {
        try {
            var reader = people.find(copy.ownerId()).orElseThrow(() -> Refusal.notFound("copy"));
            var leaving = leaving(reader, copy);
            var bytes = shelf.lay(copy.id(), half -> write(copy, leaving, half));
            if (!copies.ready(copy.id(), bytes)) {
                shelf.forget(copy.id());
            }
        } catch (Refusal gone) {
            copies.failed(copy.id(), gone.getMessage());
        } catch (IOException | RuntimeException odd) {
            LOG.warn("No copy could be made of {} {}", copy.kind(), copy.of(), odd);
            copies.failed(copy.id(), shelf.why());
        }
    }

    private Leaving leaving(Person reader, Copy copy) {
        return switch (copy.kind()) {
            case VERSION -> leavings.ofVersion(reader, copy.of(), copy.origin());
            case SECTION -> leavings.ofSection(reader, copy.of(), copy.origin());
            case BOOK -> leavings.ofBook(reader, copy.of(), copy.origin());
            case COLLECTION -> leavings.ofCollection(reader, copy.of(), copy.origin());
        };
    }

    private void write(Copy copy, Leaving leaving, Path file) throws IOException {
        var sheet = leaving.sheet();
        DoubleConsumer progress = new Steadily(share -> copies.share(copy.id(), share));
        try (var out = Files.newOutputStream(file)) {
            switch (copy.form()) {
                case PDF -> out.write(leavings.signed(leaving, SectionPdf.write(sheet, copy.pdf())));
                case EPUB -> {
                    try (var sounds = new BookSounds()) {
                        Epub.write(sheet, new Epub.Edition(copy.of(), clock.now()), sounds::asOpus, out);
                    }
                }
                case WEB -> WebFolder.write(sheet, out);
                case PAGE -> WebFile.write(sheet, out);
                case WORD -> WordFile.write(sheet, out);
                case MARKDOWN -> MarkdownFolder.write(sheet, out);
                case PICTURES -> PagePictures.write(sheet, copy.pdf().paper(), progress, out);
            }
        }
    }
}
