package pelluna.app.datapackage;

/** Types of columns: in the database, in Table Schema, and how one becomes the other. */
enum Kind {
    INTEGER("integer", "default", "%s::text", "?::bigint"),
    NUMBER("number", "default", "%s::text", "?::double precision"),
    BOOLEAN("boolean", "default", "%s::text", "?::boolean"),
    STRING("string", "default", "%s", "?::text"),
    DATE("date", "default", "to_char(%s, 'YYYY-MM-DD')", "?::date"),
    TIME("time", "default", "to_char(%s, 'HH24:MI:SS')", "?::time"),
    /** ISO 8601 with microseconds, in UTC: the default of Table Schema ends at seconds. */
    DATETIME(
            "datetime", "any", "to_char(%s at time zone 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS.US\"Z\"')", "?::timestamptz"),
    /** Words, as a list in JSON. */
    ARRAY(
            "array",
            "default",
            "array_to_json(%s)::text",
            "(select array_agg(w) from jsonb_array_elements_text(?::jsonb) w)");

    private final String type;
    private final String format;
    private final String out;
    private final String in;

    Kind(String type, String format, String out, String in) {
        this.type = type;
        this.format = format;
        this.out = out;
        this.in = in;
    }

    /** Of a column, as the catalogue of the database names it. */
    static Kind of(String dataType) {
        return switch (dataType) {
            case "bigint", "integer" -> INTEGER;
            case "double precision" -> NUMBER;
            case "boolean" -> BOOLEAN;
            case "text" -> STRING;
            case "date" -> DATE;
            case "time without time zone" -> TIME;
            case "timestamp with time zone" -> DATETIME;
            case "ARRAY" -> ARRAY;
            default -> throw new IllegalStateException("no kind for " + dataType);
        };
    }

    /** In Table Schema. */
    String type() {
        return type;
    }

    String format() {
        return format;
    }

    /** An expression for its text. */
    String out(String column) {
        return out.formatted(column);
    }

    /** An expression for its value, from a text that is put in. */
    String in() {
        return in;
    }

    /** In JSON Schema. */
    String json() {
        return this == ARRAY || this == INTEGER || this == NUMBER || this == BOOLEAN ? type : "string";
    }

    /** In JSON Schema; empty where there is none. */
    String jsonFormat() {
        return switch (this) {
            case INTEGER -> "int64";
            case NUMBER -> "double";
            case DATE -> "date";
            case DATETIME -> "date-time";
            default -> "";
        };
    }
}
