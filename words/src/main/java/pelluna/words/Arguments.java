package pelluna.words;

import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import pelluna.core.units.Statement;

/** The components of a kind of statement by their names. */
final class Arguments {
    private static final ClassValue<Arguments> KINDS = new ClassValue<>() {
        @Override
        protected Arguments computeValue(Class<?> kind) {
            return new Arguments(kind);
        }
    };
    private final String key;
    private final Map<String, Method> components = new LinkedHashMap<>();

    private Arguments(Class<?> kind) {
        if (!kind.isRecord()) {
            throw new IllegalStateException(kind + " is said but is no record");
        }
        key = Words.key(kind);
        for (RecordComponent c : kind.getRecordComponents()) {
            c.getAccessor().setAccessible(true);
            components.put(c.getName(), c.getAccessor());
        }
    }

    static Arguments of(Class<?> kind) {
        return KINDS.get(kind);
    }

    String key() {
        return key;
    }

    /** The type of an argument; empty if this kind of statement has none of the name. */
    Optional<Class<?>> type(String name) {
        return Optional.ofNullable(components.get(name)).map(Method::getReturnType);
    }

    /** @throws IllegalStateException if this kind of statement has no such argument */
    Object value(Statement statement, String name) {
        Method accessor = components.get(name);
        if (accessor == null) {
            throw new IllegalStateException("message '" + key + "' asks for '" + name + "', which is not there");
        }
        try {
            return accessor.invoke(statement);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
