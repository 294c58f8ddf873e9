package pelluna.core.testing;

import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import pelluna.core.plan.PlanFile;
import pelluna.core.units.Named;

/** A plan written as the tree of its file, as the cases of keepers and many tests have it. */
public final class PlanTree {
    private PlanTree() {}

    public static PlanFile file(Map<String, Object> tree) {
        return (PlanFile) record(PlanFile.class, tree);
    }

    /** One record of a plan file, such as a fish. */
    public static <R extends Record> R part(Class<R> type, Map<String, Object> tree) {
        return type.cast(record(type, tree));
    }

    private static Object record(Class<?> type, Map<?, ?> tree) {
        RecordComponent[] components = type.getRecordComponents();
        List<String> known =
                Arrays.stream(components).map(RecordComponent::getName).toList();
        if (!known.containsAll(tree.keySet())) {
            throw new IllegalArgumentException(tree.keySet() + " is not all in " + known);
        }
        try {
            Constructor<?> made = type.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class[]::new));
            return made.newInstance(Arrays.stream(components)
                    .map(c -> value(c.getGenericType(), tree.get(c.getName())))
                    .toArray());
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Object value(Type type, Object value) {
        if (type instanceof ParameterizedType list) {
            Type of = list.getActualTypeArguments()[0];
            return value == null
                    ? null
                    : ((List<?>) value).stream().map(v -> value(of, v)).toList();
        }
        Class<?> wanted = (Class<?>) type;
        if (value == null) {
            return wanted == int.class ? (Object) PlanFile.VERSION : null;
        }
        if (wanted.isRecord()) {
            return record(wanted, (Map<?, ?>) value);
        }
        if (wanted == LocalDate.class) {
            return LocalDate.parse(value.toString());
        }
        if (value instanceof Number n) {
            return wanted == Double.class || wanted == double.class
                    ? (Object) n.doubleValue()
                    : wanted == Long.class ? (Object) n.longValue() : (Object) n.intValue();
        }
        return wanted.isEnum() ? Named.find((Class) wanted, value.toString()).orElseThrow() : value;
    }
}
