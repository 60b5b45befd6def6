package notchbook.app.platform;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.FailureHandler.ExponentialBackoffFailureHandler;
import com.github.kagkarlsson.scheduler.task.FailureHandler.MaxRetriesFailureHandler;
import com.github.kagkarlsson.scheduler.task.Priority;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Keeps jobs in the database and runs them, a few at a time; one that fails is tried again within seconds. */
@Component
public class Jobs implements SmartLifecycle {
    private static final String TABLE = "job";
    private static final int AT_ONCE = 2;
    private static final int MOST_RETRIES = 3;
    private static final Duration BETWEEN_LOOKS = Duration.ofMillis(400);

    /** What fails for a passing reason passes within seconds; what doesn't is tried after 10 s and after 50 s more. */
    private static final Duration BEFORE_RETRY = Duration.ofSeconds(2);

    private static final double THEN_LONGER = 5;

    /** A job whose machine stopped in the middle is taken up again when its heart has not beaten six times. */
    private static final Duration HEARTBEAT = Duration.ofSeconds(10);

    private static final int MISSED_HEARTBEATS = 6;

    private final DataSource database;
    private final ObjectProvider<Job> kinds;
    private final SchedulerClient client;
    private Optional<Scheduler> scheduler = Optional.empty();

    Jobs(DataSource database, ObjectProvider<Job> kinds) {
        this.database = new TransactionAwareDataSourceProxy(database);
        this.kinds = kinds;
        this.client = SchedulerClient.Builder.create(this.database)
                .tableName(TABLE)
                .enablePriority()
                .build();
    }

    /** Wants a job done for a subject once this transaction is through; wanting it again while it waits changes nothing. */
    public void want(String name, UUID subject) {
        var canWait = kinds.stream().filter(job -> job.name().equals(name)).anyMatch(Job::canWait);
        client.scheduleIfNotExists(
                new TaskInstance.Builder<Void>(name, subject.toString())
                        .priority(canWait ? Priority.LOW : Priority.MEDIUM)
                        .build(),
                Instant.now());
        if (!canWait) {
            onceThrough(() -> scheduler.ifPresent(Scheduler::triggerCheckForDueExecutions));
        }
    }

    /** Wants a job done for a subject at a time; wanting it again while it waits changes nothing. */
    public void wantAt(String name, UUID subject, Instant at) {
        client.scheduleIfNotExists(
                new TaskInstance.Builder<Void>(name, subject.toString())
                        .priority(Priority.LOW)
                        .build(),
                at);
    }

    /** Somebody waits for it, so it begins without waiting for the next look. */
    private static void onceThrough(Runnable next) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            next.run();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                next.run();
            }
        });
    }

    @Override
    public void start() {
        var started = Scheduler.create(
                        database, kinds.stream().<Task<?>>map(Jobs::task).toList())
                .tableName(TABLE)
                .threads(AT_ONCE)
                .enablePriority()
                .pollingInterval(BETWEEN_LOOKS)
                .heartbeatInterval(HEARTBEAT)
                .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                .build();
        started.start();
        scheduler = Optional.of(started);
    }

    @Override
    public void stop() {
        scheduler.ifPresent(Scheduler::stop);
        scheduler = Optional.empty();
    }

    @Override
    public boolean isRunning() {
        return scheduler.isPresent();
    }

    private static OneTimeTask<Void> task(Job job) {
        return Tasks.oneTime(job.name())
                .onFailure(new MaxRetriesFailureHandler<>(
                        MOST_RETRIES, new ExponentialBackoffFailureHandler<>(BEFORE_RETRY, THEN_LONGER)))
                .execute((instance, context) -> job.run(UUID.fromString(instance.getId())));
    }
}
