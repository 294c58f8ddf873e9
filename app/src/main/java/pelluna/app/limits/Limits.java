package pelluna.app.limits;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * How long, how many, how far: the limits of everything that is sent, in one place. What is more is refused, never
 * cut.
 */
final class Limits {
    /** Bytes of a request that brings no file. */
    static final long BODY = 1_000_000;
    /** Bytes of one that does: the whole catalogue with a keeper's own species has room. */
    static final long FILE_BODY = 14_000_000;
    /** Of one that brings everything of an account, with its pictures. */
    static final long PACKAGE_BODY = 200_000_000;
    /** Fields of one form: a roll call of a full tank has room. */
    static final int FIELDS = 900;

    /** Where no form is read: the web API, what browsers say of passkeys, what is pushed to them. */
    static final Pattern NO_FORM = Pattern.compile("/api/.*|/webauthn/.*|/login/webauthn|/push-service/.*");

    private static final String PROGRAMS = "/api/v1";
    private static final int LONG_TEXT = 12_000_000;
    private static final int DEFAULT_TEXT = 2000;
    private static final int LONGEST_NAME = 100;

    /** Letters of a field, wherever it is sent to. */
    private static final Map<String, Integer> LETTERS = Map.ofEntries(
            Map.entry("key", 60),
            Map.entry("note", 400),
            Map.entry("seen", 400),
            Map.entry("title", 80),
            Map.entry("name", 60),
            Map.entry("shop", 60),
            Map.entry("currency", 6),
            Map.entry("address", 200),
            Map.entry("email", 200),
            Map.entry("password", 200),
            Map.entry("current", 200),
            Map.entry("species", 120),
            Map.entry("why", 400),
            Map.entry("how", 200),
            Map.entry("stance", 20),
            Map.entry("startOn", 20),
            Map.entry("typed", 600));

    /** A field of some paths, and its letters there. */
    private record Here(Pattern path, String field, int letters) {}

    private static final List<Here> SPECIAL = List.of(
            new Here(
                    Pattern.compile(".*/(log/sheets/take|catalogue|import-export)|/account/figures"),
                    "text",
                    LONG_TEXT),
            new Here(Pattern.compile(".*/log/typed"), "text", 600),
            new Here(Pattern.compile(".*/stock-list"), "text", 60_000),
            new Here(Pattern.compile(".*/losses/crew/\\d+/count"), "note", 200),
            new Here(Pattern.compile(".*/log/fish/\\d+/(called|member)"), "name", 40),
            new Here(Pattern.compile(".*/arrivals/leaves"), "why", 200));
    private static final Pattern WITH_FILE = Pattern.compile("/tanks/\\d+/(log/(sheets(/take)?|water|fish/\\d+/picture)"
            + "|catalogue|import-export|losses|stock-list)|/account/figures");
    private static final Pattern PLANNED =
            Pattern.compile("/tanks/\\d+/(arrivals/(day|leaves|restock)|start|losses/wait)");
    /** In these, what looks like a day is somebody's text. */
    private static final Set<String> FREE = Set.of(
            "note",
            "seen",
            "title",
            "name",
            "what",
            "lesson",
            "text",
            "why",
            "shop",
            "q",
            "typed",
            "password",
            "current",
            "code");

    private Limits() {}

    /** @param asked what programs send has the room that a page's form has */
    static long body(String asked) {
        String path = asked.startsWith(PROGRAMS + "/") ? asked.substring(PROGRAMS.length()) : asked;
        return path.equals("/account/data")
                ? PACKAGE_BODY
                : WITH_FILE.matcher(path).matches() ? FILE_BODY : BODY;
    }

    /** @throws Refused beside the field, if what was sent in it cannot be */
    static void check(String path, String field, String value, LocalDate today) {
        if (field.length() > LONGEST_NAME || !Utf8.clean(field)) {
            throw new Unreadable("", new LimitRefusal.UnknownField());
        }
        if (!Utf8.clean(value)) {
            throw new Unreadable(field, new LimitRefusal.NoText());
        }
        length(path, field, value);
        if (!FREE.contains(field) && Days.likeADay(value.strip())) {
            if (PLANNED.matcher(path).matches()) {
                Days.planned(field, value, today);
            } else {
                Days.happened(field, value);
            }
        }
    }

    /** @throws Refused beside the field, if there is no room for it; a field that is sent twice is read as one */
    static void length(String path, String field, String value) {
        int most = letters(path, field);
        if (value.length() > most && value.strip().length() > most) {
            throw new Refused(field, new LimitRefusal.TooLong(value.strip().length(), most));
        }
    }

    private static int letters(String path, String field) {
        return SPECIAL.stream()
                .filter(h -> h.field().equals(field) && h.path().matcher(path).matches())
                .mapToInt(Here::letters)
                .findFirst()
                .orElse(LETTERS.getOrDefault(field, DEFAULT_TEXT));
    }
}
