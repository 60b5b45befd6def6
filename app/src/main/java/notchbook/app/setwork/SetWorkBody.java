package notchbook.app.setwork;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.setwork.AskedOf;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.Due;
import notchbook.core.setwork.DueDays;

/**
 * What a teacher wants to ask for: of the whole class where nobody is named; {@code longer} are later days of single
 * students, {@code word} is what those are told of a change who have begun.
 */
record SetWorkBody(
        UUID classId,
        String title,
        String instructions,
        UUID topic,
        LocalDate due,
        Optional<LocalTime> hour,
        AskedForView asked,
        List<CriterionBody> criteria,
        Optional<Set<UUID>> students,
        Optional<Set<UUID>> groups,
        Optional<Map<UUID, LocalDate>> longer,
        Optional<String> word) {
    record CriterionBody(String name, List<LevelBody> levels) {
        Criteria.Criterion criterion() {
            return new Criteria.Criterion(
                    name,
                    levels.stream()
                            .map(level -> new Criteria.Level(level.words(), level.points()))
                            .toList());
        }
    }

    record LevelBody(String words, int points) {}

    SetWork work(UUID id, UUID setBy, Instant setAt) {
        try {
            var judged =
                    new Criteria(criteria.stream().map(CriterionBody::criterion).toList());
            return new SetWork(
                    id,
                    classId,
                    title,
                    instructions,
                    topic,
                    new DueDays(new Due(due, hour), longer.orElse(Map.of())),
                    setBy,
                    new AskedOf(students.orElse(Set.of()), groups.orElse(Set.of())),
                    asked.asked(),
                    judged,
                    setAt,
                    false);
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit(unfit.getMessage());
        }
    }
}
