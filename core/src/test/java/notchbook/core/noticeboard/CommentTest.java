package notchbook.core.noticeboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommentTest {
    private static final UUID AUTHOR = new UUID(1, 1);
    private static final UUID ANOTHER = new UUID(1, 2);

    private static Comment said(String words, Optional<UUID> sound, boolean isHidden) {
        return new Comment(new UUID(2, 1), new UUID(2, 2), AUTHOR, words, sound, Optional.empty(), isHidden, false);
    }

    @ParameterizedTest
    @CsvSource({
        "false, CLASSMATE, false, true",
        "true, CLASSMATE, false, false",
        "true, OWNER, false, false",
        "true, TEACHER, false, true",
        "true, CLASSMATE, true, true",
    })
    void isKeptFromTheClassWhereItsTeacherHidIt(boolean isHidden, Viewer viewer, boolean isAuthor, boolean isSeen) {
        assertThat(said("Clear.", Optional.empty(), isHidden).isSeenBy(viewer, isAuthor ? AUTHOR : ANOTHER))
                .isEqualTo(isSeen);
    }

    @Test
    void isSaidInWordsOrAloud() {
        assertThat(said(" Clear. ", Optional.empty(), false).words()).isEqualTo("Clear.");
        assertThat(said("", Optional.of(ANOTHER), false).words()).isEmpty();
        assertThatThrownBy(() -> said("  ", Optional.empty(), false)).hasMessageContaining("1 to 1,000 letters");
        assertThatThrownBy(() -> said("x".repeat(1_001), Optional.empty(), false))
                .hasMessageContaining("1 to 1,000 letters");
    }

    @ParameterizedTest
    @CsvSource({"OWNER, true, false", "TEACHER, true, true", "CLASSMATE, false, false", "OTHER, false, false"})
    void isClosedByWhoseWorkItIsAboutAndHiddenByTheTeacher(Viewer viewer, boolean closes, boolean hides) {
        assertThat(Comment.canBeClosedBy(viewer)).isEqualTo(closes);
        assertThat(Comment.canBeHiddenBy(viewer)).isEqualTo(hides);
    }
}
