package notchbook.core.noticeboard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceTest {
    private static Piece piece(Audience audience, Standing standing) {
        return new Piece(new UUID(1, 1), new UUID(1, 2), new UUID(1, 3), audience, standing);
    }

    @ParameterizedTest
    @CsvSource({
        "CLASS, false, SHOWN",
        "CLASS, true, ASKED",
        "TEACHER, false, SHOWN",
        "TEACHER, true, SHOWN",
    })
    void waitsForItsTeacherWhereTheClassIsToSeeIt(Audience audience, boolean asksFirst, Standing standing) {
        assertThat(Piece.shown(new UUID(1, 1), new UUID(1, 2), new UUID(1, 3), audience, asksFirst)
                        .standing())
                .isEqualTo(standing);
    }

    /** By owner, teacher, classmate, anybody else. */
    @ParameterizedTest
    @CsvSource({
        "CLASS, ASKED, yes yes no no",
        "CLASS, SHOWN, yes yes yes no",
        "CLASS, NOT_YET, yes yes no no",
        "CLASS, TAKEN_BACK, yes no no no",
        "TEACHER, SHOWN, yes yes no no",
        "TEACHER, NOT_YET, yes yes no no",
        "TEACHER, TAKEN_BACK, yes no no no",
    })
    void isSeenByThoseItIsShownTo(Audience audience, Standing standing, String seen) {
        var wanted = seen.split(" ");
        for (var viewer : Viewer.values()) {
            assertThat(piece(audience, standing).isSeenBy(viewer))
                    .as(viewer.name())
                    .isEqualTo(wanted[viewer.ordinal()].equals("yes"));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "CLASS, SHOWN, CLASSMATE, true",
        "CLASS, ASKED, OWNER, false",
        "CLASS, TAKEN_BACK, OWNER, false",
        "TEACHER, SHOWN, CLASSMATE, false",
        "TEACHER, SHOWN, TEACHER, true",
    })
    void isTalkedAboutWhileItIsShown(Audience audience, Standing standing, Viewer viewer, boolean isOpen) {
        assertThat(piece(audience, standing).isOpenTo(viewer)).isEqualTo(isOpen);
    }

    /** Who can move it where: a dash where they can't. */
    @ParameterizedTest
    @CsvSource({
        "ASKED, TEACHER, SHOWN, SHOWN",
        "ASKED, TEACHER, NOT_YET, NOT_YET",
        "SHOWN, TEACHER, NOT_YET, NOT_YET",
        "NOT_YET, TEACHER, SHOWN, SHOWN",
        "SHOWN, TEACHER, TAKEN_BACK, -",
        "TAKEN_BACK, TEACHER, SHOWN, -",
        "SHOWN, OWNER, TAKEN_BACK, TAKEN_BACK",
        "ASKED, OWNER, TAKEN_BACK, TAKEN_BACK",
        "ASKED, OWNER, SHOWN, -",
        "NOT_YET, OWNER, SHOWN, -",
        "SHOWN, CLASSMATE, TAKEN_BACK, -",
        "SHOWN, OTHER, NOT_YET, -",
    })
    void isMovedByItsStudentAndTheirTeacher(Standing from, Viewer viewer, Standing to, String becomes) {
        assertThat(piece(Audience.CLASS, from)
                        .movedBy(viewer, to)
                        .map(moved -> moved.standing().name())
                        .orElse("-"))
                .isEqualTo(becomes);
    }
}
