package pelluna.app.catalogue;

import java.util.Set;
import java.util.stream.Collectors;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactForms;

/** Which fields are lists, which numbers, which yes or no. */
final class Lists {
    private static final Set<String> LISTS = of(FactForm.Kind.LIST);
    private static final Set<String> NUMBERS = of(FactForm.Kind.NUMBER);

    private Lists() {}

    private static Set<String> of(FactForm.Kind kind) {
        return FactForms.all().stream()
                .flatMap(f -> f.slots().stream())
                .filter(s -> s.kind() == kind)
                .map(FactForm.Slot::name)
                .collect(Collectors.toUnmodifiableSet());
    }

    static boolean of(String field) {
        return LISTS.contains(field);
    }

    static boolean number(String field) {
        return NUMBERS.contains(field) || field.startsWith(Fields.SPARES);
    }
}
