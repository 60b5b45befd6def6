package notchbook.app.platform;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;
import org.springframework.session.Session;

class QuietSessionsTest {
    private static final Instant TEN = Instant.parse("2026-11-25T10:00:00Z");

    @SuppressWarnings("unchecked")
    private final FindByIndexNameSessionRepository<MapSession> database = mock();

    @Test
    void writesNothingForARequestWithinTheMinute() {
        afterRequest(session -> session.setLastAccessedTime(TEN.plusSeconds(59)));
        verify(database, never()).save(any());
    }

    @Test
    void writesTheTimeAfterAMinute() {
        afterRequest(session -> session.setLastAccessedTime(TEN.plusSeconds(61)));
        verify(database).save(any());
    }

    @Test
    void writesAtOnceWhatIsPutIntoASession() {
        afterRequest(session -> session.setAttribute("person", "marlo"));
        verify(database).save(any());
    }

    @Test
    void writesAtOnceThatASessionGotAnotherName() {
        afterRequest(Session::changeSessionId);
        verify(database).save(any());
    }

    private void afterRequest(Consumer<Session> request) {
        var stored = new MapSession("s1");
        stored.setLastAccessedTime(TEN);
        when(database.findById("s1")).thenReturn(stored);
        var sessions = new QuietSessions<>(database);
        var session = sessions.findById("s1");
        request.accept(session);
        sessions.save(session);
    }
}
