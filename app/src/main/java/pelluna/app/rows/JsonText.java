package pelluna.app.rows;

import jakarta.persistence.Converter;
import tools.jackson.databind.JsonNode;

/** JSON as it was once written, in a text column. */
@Converter
public class JsonText extends JsonColumn<JsonNode> {
    public JsonText() {
        super(JsonNode.class);
    }
}
