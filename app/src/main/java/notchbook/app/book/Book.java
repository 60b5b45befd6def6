package notchbook.app.book;

import java.time.LocalDate;
import java.util.UUID;

/** A book of the year and whom it is for; its pages are kept each by itself. */
record Book(UUID id, UUID ownerId, String title, String forWhom, LocalDate madeOn) {}
