package notchbook.app.calendar;

import java.util.UUID;
import notchbook.core.calendar.SchoolYear;

/** A school year under the id that it is changed by. */
record KeptYear(UUID id, SchoolYear year) {}
