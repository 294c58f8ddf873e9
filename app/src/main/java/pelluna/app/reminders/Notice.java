package pelluna.app.reminders;

import java.nio.charset.StandardCharsets;
import pelluna.core.units.Step;
import tools.jackson.databind.json.JsonMapper;

/**
 * A notification.
 *
 * @param tag  of two with the same, a device shows the newer
 * @param href the page that it leads to
 * @param step how grave it is; not sent
 */
record Notice(String title, String body, String tag, String href, String language, Step step) {
    /** Letters that a lock screen has room for. Together with the rest they stay under the 3,993 bytes of RFC 8291. */
    private static final int LONGEST_TITLE = 80;

    private static final int LONGEST_BODY = 600;

    private record Sent(String title, String body, String tag, String href, String lang) {}

    /** As the browser's worker reads it. */
    byte[] json() {
        return JsonMapper.shared()
                .writeValueAsString(new Sent(cut(title, LONGEST_TITLE), cut(body, LONGEST_BODY), tag, href, language))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
