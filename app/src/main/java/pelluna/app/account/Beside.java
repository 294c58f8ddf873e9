package pelluna.app.account;

import java.util.Map;
import java.util.OptionalLong;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Work that goes on beside a request and outlives it, for the same reader. */
public final class Beside implements RequestAttributes {
    private final Map<String, Object> kept = new ConcurrentHashMap<>();

    private Beside() {}

    /**
     * The same work, for another thread.
     *
     * @param keeper who has signed in, with the browser's language looked up
     */
    public static <T> Supplier<T> request(CurrentKeeper keeper, Supplier<T> work) {
        OptionalLong who = SignedIn.id();
        Consumer<RequestAttributes> handed = keeper.handed();
        return () -> {
            Beside own = new Beside();
            handed.accept(own);
            RequestAttributes before = RequestContextHolder.getRequestAttributes();
            RequestContextHolder.setRequestAttributes(own);
            try {
                return SignedIn.as(who.orElseThrow(NobodySignedInException::new), work);
            } finally {
                RequestContextHolder.setRequestAttributes(before);
            }
        };
    }

    @Override
    public Object getAttribute(String name, int scope) {
        return kept.get(name);
    }

    @Override
    public void setAttribute(String name, Object value, int scope) {
        kept.put(name, value);
    }

    @Override
    public void removeAttribute(String name, int scope) {
        kept.remove(name);
    }

    @Override
    public String[] getAttributeNames(int scope) {
        return kept.keySet().toArray(String[]::new);
    }

    @Override
    public void registerDestructionCallback(String name, Runnable callback, int scope) {
        throw new UnsupportedOperationException(name);
    }

    @Override
    public Object resolveReference(String key) {
        return null;
    }

    @Override
    public String getSessionId() {
        return "";
    }

    @Override
    public Object getSessionMutex() {
        return this;
    }
}
