package notchbook.app.setwork;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.setwork.Criteria;

/**
 * Set work as screens are sent it; {@code teacher} is the name of who set it. A student is told by when they themselves hand it in; whom else
 * it is asked of, and who has longer, is for teachers alone.
 */
public record SetWorkView(
        UUID id,
        UUID classId,
        String className,
        String title,
        String instructions,
        UUID topic,
        LocalDate due,
        Optional<LocalTime> hour,
        String teacher,
        AskedForView asked,
        List<Criteria.Criterion> criteria,
        boolean takenBack,
        Set<UUID> students,
        Set<UUID> groups,
        Map<UUID, LocalDate> longer) {}
