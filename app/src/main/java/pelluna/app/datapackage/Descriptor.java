package pelluna.app.datapackage;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import pelluna.app.rows.PlanJson;

/**
 * datapackage.json, as Frictionless Data Package 1 has it (specs.frictionlessdata.io), with what Pelluna adds: the
 * number of its schema.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Descriptor(
        String profile,
        String name,
        String title,
        String created,
        @JsonProperty("pelluna") Integer schema,
        List<Resource> resources) {
    static final String FILE = "datapackage.json";

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Resource(
            String profile,
            String name,
            String path,
            String format,
            String mediatype,
            String encoding,
            Long bytes,
            String hash,
            Schema schema) {}

    /** A Table Schema. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Schema(List<Field> fields, List<String> missingValues, String primaryKey, List<ForeignKey> foreignKeys) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Field(String name, String type, String format, Constraints constraints) {}

    record Constraints(boolean required) {}

    record ForeignKey(String fields, Reference reference) {}

    record Reference(String resource, String fields) {}

    String json() {
        return PlanJson.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(this);
    }
}
