package notchbook.app.setwork;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.setwork.Criteria;

/** What a teacher wants to ask for. */
record SetWorkBody(
        UUID classId,
        String title,
        String instructions,
        UUID topic,
        LocalDate due,
        AskedForView asked,
        List<CriterionBody> criteria) {
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

    SetWork work(UUID id, UUID setBy) {
        try {
            var judged =
                    new Criteria(criteria.stream().map(CriterionBody::criterion).toList());
            return new SetWork(id, classId, title, instructions, topic, due, setBy, asked.asked(), judged, false);
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit(unfit.getMessage());
        }
    }
}
