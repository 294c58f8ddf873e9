package pelluna.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.web.filter.OncePerRequestFilter;
import pelluna.app.database.AskedFor;

/**
 * Sessions whose last use is kept to the quarter of an hour: reading a page writes nothing the rest of the time. They
 * are asked for before it is known who asks.
 *
 * @param <S> the sessions of the repository behind this one
 */
class CalmSessions<S extends Session> implements FindByIndexNameSessionRepository<CalmSessions.Calm<S>> {
    static final Duration KEPT_TO = Duration.ofMinutes(15);
    /** However much it is used, somebody has to show anew who they are after this long. */
    static final Duration LONGEST = Duration.ofDays(90);

    private final FindByIndexNameSessionRepository<S> kept;
    /** What a request found, for it asks again when it ends; null outside of requests. */
    private final ThreadLocal<Map<String, Calm<S>>> found = new ThreadLocal<>();

    CalmSessions(FindByIndexNameSessionRepository<S> kept) {
        this.kept = kept;
    }

    @Override
    public Calm<S> createSession() {
        return new Calm<>(kept.createSession());
    }

    @Override
    public void save(Calm<S> session) {
        AskedFor.nobody(() -> {
            kept.save(session.of);
            return true;
        });
    }

    /** Goes around all of a request: a session is read once in it. */
    OncePerRequestFilter readOnce() {
        return new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                found.set(new HashMap<>());
                try {
                    chain.doFilter(request, response);
                } finally {
                    found.remove();
                }
            }
        };
    }

    @Override
    public Calm<S> findById(String id) {
        Map<String, Calm<S>> known = found.get();
        Calm<S> session = known == null ? null : known.get(id);
        if (session == null) {
            session = find(id);
            if (known != null && session != null) {
                known.put(id, session);
            }
        }
        return session;
    }

    private Calm<S> find(String id) {
        S session = AskedFor.nobody(() -> kept.findById(id));
        if (session != null && session.getCreationTime().plus(LONGEST).isBefore(Instant.now())) {
            deleteById(id);
            return null;
        }
        return session == null ? null : new Calm<>(session);
    }

    @Override
    public void deleteById(String id) {
        if (found.get() != null) {
            found.get().remove(id);
        }
        AskedFor.nobody(() -> {
            kept.deleteById(id);
            return true;
        });
    }

    @Override
    public Map<String, Calm<S>> findByIndexNameAndIndexValue(String name, String value) {
        return AskedFor.nobody(() -> kept.findByIndexNameAndIndexValue(name, value)).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> new Calm<>(e.getValue())));
    }

    /** A session that does not mind each use of it. */
    static final class Calm<S extends Session> implements Session {
        private final S of;

        private Calm(S of) {
            this.of = of;
        }

        @Override
        public void setLastAccessedTime(Instant now) {
            if (now.isAfter(of.getLastAccessedTime().plus(KEPT_TO))) {
                of.setLastAccessedTime(now);
            }
        }

        @Override
        public String getId() {
            return of.getId();
        }

        @Override
        public String changeSessionId() {
            return of.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return of.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return of.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            of.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            of.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return of.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return of.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            of.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return of.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return of.isExpired();
        }
    }
}
