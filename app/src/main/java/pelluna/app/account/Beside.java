package pelluna.app.account;

import java.util.Locale;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.springframework.core.AttributeAccessor;
import org.springframework.core.AttributeAccessorSupport;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Work that goes on beside a request and outlives it, for the same reader. */
public final class Beside implements RequestAttributes {
    private final AttributeAccessor kept = new AttributeAccessorSupport() {};

    private Beside() {}

    /**
     * The same work, for another thread.
     *
     * @param keeper who has signed in, with the browser's language looked up
     */
    public static <T> Supplier<T> request(CurrentKeeper keeper, Supplier<T> work) {
        OptionalLong who = SignedIn.id();
        Consumer<RequestAttributes> handed = keeper.handed();
        return () -> within(who.orElseThrow(NobodySignedInException::new), handed, work);
    }

    /**
     * The server's own work for a keeper whom nobody has asked for.
     *
     * @param language of a keeper who has chosen none
     */
    public static <T> T alone(long keeper, Locale language, Supplier<T> work) {
        return within(keeper, CurrentKeeper.reading(language), work);
    }

    private static <T> T within(long keeper, Consumer<RequestAttributes> handed, Supplier<T> work) {
        Beside own = new Beside();
        handed.accept(own);
        RequestAttributes before = RequestContextHolder.getRequestAttributes();
        RequestContextHolder.setRequestAttributes(own);
        try {
            return SignedIn.as(keeper, work);
        } finally {
            RequestContextHolder.setRequestAttributes(before);
        }
    }

    @Override
    public Object getAttribute(String name, int scope) {
        return kept.getAttribute(name);
    }

    @Override
    public void setAttribute(String name, Object value, int scope) {
        kept.setAttribute(name, value);
    }

    @Override
    public void removeAttribute(String name, int scope) {
        kept.removeAttribute(name);
    }

    @Override
    public String[] getAttributeNames(int scope) {
        return kept.attributeNames();
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
