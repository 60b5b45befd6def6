package notchbook.app.platform;

import static java.util.stream.Collectors.toMap;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/** Sessions whose time is written once a minute, and not with every second's change of everyone who types. */
final class QuietSessions<S extends Session> implements FindByIndexNameSessionRepository<QuietSessions.Quiet<S>> {
    private static final Duration BETWEEN_WRITES = Duration.ofMinutes(1);

    private final FindByIndexNameSessionRepository<S> sessions;

    QuietSessions(FindByIndexNameSessionRepository<S> sessions) {
        this.sessions = sessions;
    }

    @Override
    public Quiet<S> createSession() {
        return new Quiet<>(sessions.createSession(), true);
    }

    @Override
    public void save(Quiet<S> quiet) {
        if (quiet.isChanged) {
            sessions.save(quiet.session);
            quiet.isChanged = false;
        }
    }

    @Override
    public @Nullable Quiet<S> findById(String id) {
        return Optional.ofNullable(sessions.findById(id))
                .map(found -> new Quiet<>(found, false))
                .orElse(null);
    }

    @Override
    public void deleteById(String id) {
        sessions.deleteById(id);
    }

    @Override
    public Map<String, Quiet<S>> findByIndexNameAndIndexValue(String name, String value) {
        return sessions.findByIndexNameAndIndexValue(name, value).entrySet().stream()
                .collect(toMap(Map.Entry::getKey, found -> new Quiet<>(found.getValue(), false)));
    }

    /** A session that knows whether there is anything to write. */
    static final class Quiet<S extends Session> implements Session {
        private final S session;
        private boolean isChanged;

        private Quiet(S session, boolean isNew) {
            this.session = session;
            this.isChanged = isNew;
        }

        @Override
        public void setLastAccessedTime(Instant time) {
            if (isChanged || session.getLastAccessedTime().plus(BETWEEN_WRITES).isBefore(time)) {
                session.setLastAccessedTime(time);
                isChanged = true;
            }
        }

        @Override
        public String changeSessionId() {
            isChanged = true;
            return session.changeSessionId();
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            isChanged = true;
            session.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            isChanged = true;
            session.removeAttribute(name);
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            isChanged = true;
            session.setMaxInactiveInterval(interval);
        }

        @Override
        public String getId() {
            return session.getId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return session.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return session.getAttributeNames();
        }

        @Override
        public Instant getCreationTime() {
            return session.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return session.getLastAccessedTime();
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return session.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return session.isExpired();
        }
    }
}
