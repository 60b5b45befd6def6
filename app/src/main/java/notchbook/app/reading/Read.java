package notchbook.app.reading;

import java.util.Optional;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.web.ReadingPage.Ways;

/** What a link leads to, and where it is a collection, the ways in which its reader can look at it. */
public record Read(SectionSheet sheet, Optional<Ways> ways) {}
