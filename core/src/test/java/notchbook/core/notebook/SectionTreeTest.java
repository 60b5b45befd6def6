package notchbook.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SectionTreeTest {
    private static final UUID A = new UUID(0, 1);
    private static final UUID B = new UUID(0, 2);
    private static final UUID A1 = new UUID(0, 3);
    private static final UUID A2 = new UUID(0, 4);
    private final SectionTree tree = new SectionTree(List.of(
            new SectionPlace(A, Optional.empty(), 0),
            new SectionPlace(B, Optional.empty(), 1),
            new SectionPlace(A1, Optional.of(A), 0),
            new SectionPlace(A2, Optional.of(A), 1)));

    @Test
    void reordersAmongSiblings() {
        assertThat(tree.moved(A2, Optional.of(A), 0).childrenOf(Optional.of(A))).containsExactly(A2, A1);
    }

    @Test
    void nestsAWholeBranch() {
        assertThat(tree.moved(A, Optional.of(B), 0).branch(B)).containsExactly(B, A, A1, A2);
    }

    @Test
    void clampsAPositionBeyondTheEnd() {
        assertThat(tree.moved(A1, Optional.empty(), 99).childrenOf(Optional.empty()))
                .containsExactly(A, B, A1);
    }

    @Test
    void neverPutsASectionInsideItself() {
        assertThatThrownBy(() -> tree.moved(A, Optional.of(A1), 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
