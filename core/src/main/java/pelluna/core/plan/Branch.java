package pelluna.core.plan;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pelluna.core.units.Named;

/** One object of the file, with its path for messages. */
record Branch(String path, Map<String, Object> map) {
    String at(String key) {
        return path.isEmpty() ? key : path + "." + key;
    }

    boolean has(String key) {
        return map.get(key) != null;
    }

    @SuppressWarnings("unchecked")
    Branch branch(String key) {
        Object value = map.get(key);
        if (value != null && !(value instanceof Map)) {
            throw new PlanException(at(key), "'" + value + "'", "an object");
        }
        return new Branch(at(key), value == null ? Map.of() : (Map<String, Object>) value);
    }

    @SuppressWarnings("unchecked")
    List<Branch> branches(String key) {
        List<Branch> found = new ArrayList<>();
        for (Object item : list(key)) {
            if (!(item instanceof Map)) {
                throw new PlanException(at(key) + "[" + found.size() + "]", "'" + item + "'", "an object");
            }
            found.add(new Branch(at(key) + "[" + found.size() + "]", (Map<String, Object>) item));
        }
        return found;
    }

    List<?> list(String key) {
        Object value = map.get(key);
        if (value != null && !(value instanceof List)) {
            throw new PlanException(at(key), "'" + value + "'", "a list");
        }
        return value == null ? List.of() : (List<?>) value;
    }

    String text(String key) {
        Object value = map.get(key);
        if (!(value instanceof String text) || text.isBlank()) {
            throw new PlanException(at(key), value == null ? "nothing" : "'" + value + "'", "a text");
        }
        return text;
    }

    Double number(String key) {
        Object value = map.get(key);
        if (value != null && !(value instanceof Number)) {
            throw new PlanException(at(key), "'" + value + "'", "a number");
        }
        return value == null ? null : ((Number) value).doubleValue();
    }

    List<Double> numbers(String key) {
        List<Double> found = new ArrayList<>();
        for (Object item : list(key)) {
            if (!(item instanceof Number n)) {
                throw new PlanException(at(key) + "[" + found.size() + "]", "'" + item + "'", "a number");
            }
            found.add(n.doubleValue());
        }
        return found;
    }

    Integer whole(String key) {
        Double value = number(key);
        return value == null ? null : (int) Math.round(value);
    }

    Boolean flag(String key) {
        Object value = map.get(key);
        if (value != null && !(value instanceof Boolean)) {
            throw new PlanException(at(key), "'" + value + "'", "true or false");
        }
        return (Boolean) value;
    }

    LocalDate date(String key, LocalDate otherwise) {
        if (!has(key)) {
            return otherwise;
        }
        try {
            return LocalDate.parse(map.get(key).toString());
        } catch (DateTimeParseException e) {
            throw new PlanException(at(key), "'" + map.get(key) + "'", "a day such as 2027-03-01");
        }
    }

    <E extends Enum<E> & Named> E word(Class<E> type, String key, E otherwise) {
        return has(key) ? find(type, at(key), map.get(key)) : otherwise;
    }

    <E extends Enum<E> & Named> Set<E> words(Class<E> type, String key) {
        Set<E> found = EnumSet.noneOf(type);
        list(key).forEach(word -> found.add(find(type, at(key), word)));
        return found;
    }

    private static <E extends Enum<E> & Named> E find(Class<E> type, String at, Object word) {
        return Named.find(type, word.toString())
                .orElseThrow(() -> new PlanException(at, "'" + word + "'", "one of: " + Named.words(type)));
    }
}
