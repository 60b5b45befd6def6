package notchbook.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

class AgainTest {
    private final AtomicInteger tries = new AtomicInteger();

    static RuntimeException[] passing() {
        return new RuntimeException[] {
            new CannotAcquireLockException("deadlock"),
            new OptimisticLockingFailureException("changed meanwhile"),
            new DataAccessResourceFailureException("connection lost"),
            new CannotCreateTransactionException("no connection"),
        };
    }

    @ParameterizedTest
    @MethodSource("passing")
    void triesAgainWhatFailedForAPassingReason(RuntimeException passing) {
        assertThat(Again.until(failingTimes(2, passing))).isEqualTo("kept");
        assertThat(tries).hasValue(3);
    }

    @Test
    void saysWhatWillNotPass() {
        var lock = new CannotAcquireLockException("deadlock");
        assertThatThrownBy(() -> Again.until(failingTimes(100, lock))).isSameAs(lock);
        assertThat(tries).hasValue(6);
    }

    @Test
    void triesNothingAgainThatIsWrong() {
        var wrong = new DataIntegrityViolationException("no such page");
        assertThatThrownBy(() -> Again.until(failingTimes(1, wrong))).isSameAs(wrong);
        assertThat(tries).hasValue(1);
    }

    private Supplier<String> failingTimes(int times, RuntimeException why) {
        return () -> {
            if (tries.incrementAndGet() <= times) {
                throw why;
            }
            return "kept";
        };
    }
}
