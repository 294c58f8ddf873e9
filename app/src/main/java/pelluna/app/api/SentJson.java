package pelluna.app.api;

import java.util.LinkedHashMap;
import java.util.Map;
import pelluna.app.limits.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A JSON object as the fields of a form. An object in it, such as a plan file, is its text. */
final class SentJson {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private SentJson() {}

    /**
     * @param body nothing counts as an object without fields
     * @throws Refused if it is no object of plain values
     */
    static Map<String, String[]> fields(byte[] body) {
        Map<String, String[]> fields = new LinkedHashMap<>();
        if (body.length > 0) {
            object(body).properties().forEach(field -> put(fields, field.getKey(), field.getValue()));
        }
        return fields;
    }

    private static JsonNode object(byte[] body) {
        try {
            JsonNode tree = JSON.readTree(body);
            if (tree.isObject()) {
                return tree;
            }
        } catch (JacksonException unreadable) {
            throw new Refused("", new ApiRefusal.NoJsonObject(), unreadable);
        }
        throw new Refused(new ApiRefusal.NoJsonObject());
    }

    private static void put(Map<String, String[]> fields, String field, JsonNode value) {
        if (value.isNull()) {
            return;
        }
        fields.put(
                field,
                value.isArray()
                        ? value.valueStream().map(v -> text(field, v)).toArray(String[]::new)
                        : new String[] {text(field, value)});
    }

    private static String text(String field, JsonNode value) {
        if (value.isObject()) {
            return JSON.writeValueAsString(value);
        }
        if (!value.isValueNode() || value.isNull()) {
            throw new Refused(field, new ApiRefusal.NoPlainValue(field));
        }
        return value.isBigDecimal() ? value.decimalValue().toPlainString() : value.asString();
    }
}
