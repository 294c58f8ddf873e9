package pelluna.app.rows;

import jakarta.persistence.AttributeConverter;

/** A part of a plan file in a text column; null for null. */
public abstract class JsonColumn<T> implements AttributeConverter<T, String> {
    private final Class<T> type;

    protected JsonColumn(Class<T> type) {
        this.type = type;
    }

    @Override
    public String convertToDatabaseColumn(T value) {
        return value == null ? null : PlanJson.MAPPER.writeValueAsString(value);
    }

    @Override
    public T convertToEntityAttribute(String text) {
        return text == null ? null : PlanJson.MAPPER.readValue(text, type);
    }
}
