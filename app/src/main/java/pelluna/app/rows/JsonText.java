package pelluna.app.rows;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A tree of a plan file in a text column. */
@Converter
public class JsonText implements AttributeConverter<Map<String, Object>, String> {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Override
    public String convertToDatabaseColumn(Map<String, Object> tree) {
        return tree == null ? null : JSON.writeValueAsString(tree);
    }

    @Override
    public Map<String, Object> convertToEntityAttribute(String text) {
        return text == null ? null : JSON.readValue(text, new TypeReference<LinkedHashMap<String, Object>>() {});
    }
}
