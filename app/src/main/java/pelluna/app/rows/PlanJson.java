package pelluna.app.rows;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import pelluna.core.plan.ElsewhereFile;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TestFile;
import pelluna.core.units.Named;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;

/** Plan files in JSON: a value is written by its word, and what was not said is left out. */
public final class PlanJson {
    public static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .annotationIntrospector(new Words())
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
            .addMixIn(PlanFile.class, Sparse.class)
            .build();

    private PlanJson() {}

    /** A plan without tests, or of which others saw nothing, is written without their list. */
    private interface Sparse {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<TestFile> tests();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<ElsewhereFile> elsewhere();
    }

    /** Enumerations by the words of the open formats. */
    private static final class Words extends JacksonAnnotationIntrospector {
        @Override
        public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                if (values[i] instanceof Named named) {
                    names[i] = named.word();
                }
            }
            return names;
        }
    }
}
