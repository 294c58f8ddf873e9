package pelluna.app.testing;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import pelluna.words.Words;

/** What pages say, by the keys of messages: a test asks for what is said and not for its words. */
public final class Said {
    private static final Set<String> FOLDERS = Set.of("app", "page");
    /** Whatever a message is filled with. */
    private static final String FILLED = "[^<>]{0,400}?";

    private static final Map<Character, String> ESCAPED =
            Map.of('\'', "(?:'|&#39;)", '"', "(?:\"|&quot;)", '&', "&(?:amp;)?", '<', "(?:<|&lt;)", '>', "(?:>|&gt;)");
    /** What a pattern reads as more than itself, in Java and in a browser. */
    private static final String SPECIAL = "\\^$.|?*+()[]{}";

    private static final Map<String, Properties> FILES = new ConcurrentHashMap<>();

    private Said() {}

    /** A page without what is random in it: in keys and tokens of its forms any letters may stand in a row. */
    public static String shown(String page) {
        return page.replaceAll("(content|value)=\"[0-9A-Za-z_-]{30,}\"", "");
    }

    /** A message, whatever it is filled with, as HTML or as plain text. */
    public static Pattern said(String key) {
        return Pattern.compile(message(new MessagePattern(text(key)), 0, Map.of()));
    }

    /** The same, filled as told. */
    public static Pattern said(String key, Object first, Object... others) {
        List<Object> all = new ArrayList<>(List.of(first));
        all.addAll(List.of(others));
        return Pattern.compile(quoted(Words.forAnybody().text(key, all.toArray())));
    }

    /**
     * The same, one argument of it such as a pattern tells, or one choice of it. @param name as the message has it:
     * '1', 'days'
     */
    public static Pattern saidWith(String key, String name, String regex) {
        return saidWith(key, Map.of(name, regex));
    }

    /** The same with several. */
    public static Pattern saidWith(String key, Map<String, String> known) {
        return Pattern.compile(message(new MessagePattern(text(key)), 0, known));
    }

    /** A key alone, or with what some arguments are: 'page.tankplace.range 0=10;1=2000'. */
    public static Pattern told(String keyed) {
        String[] parts = keyed.split(" ", 2);
        Map<String, String> known = new HashMap<>();
        for (String one : parts.length == 1 ? new String[0] : parts[1].split(";")) {
            known.put(one.replaceFirst("=.*", ""), one.replaceFirst("^[^=]*=", ""));
        }
        return saidWith(parts[0], known);
    }

    private static String text(String key) {
        String text = file(key).getProperty(key);
        if (text == null) {
            throw new IllegalArgumentException("no message '" + key + "'");
        }
        return text;
    }

    private static String message(MessagePattern pattern, int start, Map<String, String> known) {
        StringBuilder regex = new StringBuilder();
        int at = pattern.getPart(start).getLimit();
        int limit = pattern.getLimitPartIndex(start);
        for (int i = start + 1; i <= limit; i++) {
            Part part = pattern.getPart(i);
            regex.append(quoted(pattern.getPatternString().substring(at, part.getIndex())));
            at = part.getLimit();
            if (part.getType() == Part.Type.REPLACE_NUMBER) {
                regex.append(FILLED);
            } else if (part.getType() == Part.Type.ARG_START) {
                regex.append(argument(pattern, i, known));
                i = pattern.getLimitPartIndex(i);
                at = pattern.getPart(i).getLimit();
            }
        }
        return regex.toString();
    }

    private static String argument(MessagePattern pattern, int start, Map<String, String> known) {
        ArgType type = pattern.getPart(start).getArgType();
        if (type == ArgType.NONE || type == ArgType.SIMPLE) {
            return known.getOrDefault(pattern.getSubstring(pattern.getPart(start + 1)), FILLED);
        }
        String chosen = known.get(pattern.getSubstring(pattern.getPart(start + 1)));
        String selector = "";
        List<String> choices = new ArrayList<>();
        for (int i = start + 1; i < pattern.getLimitPartIndex(start); i++) {
            if (pattern.getPartType(i) == Part.Type.ARG_SELECTOR) {
                selector = pattern.getSubstring(pattern.getPart(i));
            } else if (pattern.getPartType(i) == Part.Type.MSG_START) {
                if (chosen == null || chosen.equals(selector)) {
                    choices.add(message(pattern, i, known));
                }
                i = pattern.getLimitPartIndex(i);
            }
        }
        return "(?:" + String.join("|", choices) + ")";
    }

    /** Its first letter may be a capital, as at the start of a sentence. */
    private static String quoted(String text) {
        StringBuilder regex = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            String one = ESCAPED.getOrDefault(c, SPECIAL.indexOf(c) < 0 ? Character.toString(c) : "\\" + c);
            regex.append(
                    i == 0 && Character.isLowerCase(c)
                            ? "[" + c + Character.toUpperCase(c) + "]"
                            : c == ' ' ? "\\s" : one);
        }
        return regex.toString();
    }

    private static Properties file(String key) {
        int first = key.indexOf('.');
        String name = key.substring(0, FOLDERS.contains(key.substring(0, first)) ? key.indexOf('.', first + 1) : first);
        return FILES.computeIfAbsent(name, n -> {
            Properties read = new Properties();
            try (InputStream in = Words.class.getResourceAsStream("en/" + n.replace('.', '/') + ".properties")) {
                read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return read;
        });
    }
}
