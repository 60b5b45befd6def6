package notchbook.app.setwork;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.core.setwork.Criteria;

/** Set work as screens are sent it; {@code teacher} is the name of who set it. */
public record SetWorkView(
        UUID id,
        UUID classId,
        String className,
        String title,
        String instructions,
        UUID topic,
        LocalDate due,
        String teacher,
        AskedForView asked,
        List<Criteria.Criterion> criteria,
        boolean takenBack) {}
