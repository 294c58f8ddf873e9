package pelluna.app.limits;

import java.time.LocalDate;
import java.util.Map;

/** The fields of one write, held to {@link Limits} before anything reads them. */
public final class SentFields {
    private SentFields() {}

    /**
     * @param path where they are sent
     * @throws Refused beside the first field that cannot be so
     */
    public static void check(String path, Map<String, String[]> sent, LocalDate today) {
        if (sent.size() > Limits.FIELDS) {
            throw new Refused(new LimitRefusal.TooManyFields());
        }
        for (Map.Entry<String, String[]> field : sent.entrySet()) {
            Limits.length(path, field.getKey(), String.join(",", field.getValue()));
            for (String value : field.getValue()) {
                Limits.check(path, field.getKey(), value, today);
            }
        }
    }
}
