package pelluna.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** One message in ICU's syntax, compiled. Its arguments are named; one may be said, and chosen by, in one message. */
final class Message {
    private final String key;
    private final Set<Slot> slots = new LinkedHashSet<>();
    private final String[] pieces;
    private final MessageFormat format;

    /** @throws IllegalStateException if the text is no message */
    Message(String key, String text, Locale language) {
        this.key = key;
        try {
            String handed = handed(text);
            boolean plain = slots.stream().allMatch(s -> s.use() == Slot.Use.SAID);
            pieces = plain ? pieces(new MessagePattern(handed)) : null;
            format = plain ? null : new MessageFormat(handed, language);
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new IllegalStateException("message '" + key + "': " + e.getMessage(), e);
        }
    }

    String key() {
        return key;
    }

    Set<Slot> slots() {
        return slots;
    }

    /** The message with its arguments, each asked for once: a text for what is said or chosen, else a number. */
    String say(Function<Slot, Object> arguments) {
        if (slots.isEmpty()) {
            return pieces[0];
        }
        Map<String, Object> values = new HashMap<>();
        slots.forEach(slot -> values.put(slot.handed(), arguments.apply(slot)));
        if (format != null) {
            synchronized (format) {
                return format.format(values);
            }
        }
        StringBuilder said = new StringBuilder(pieces[0]);
        for (int i = 1; i < pieces.length; i += 2) {
            said.append(values.get(pieces[i])).append(pieces[i + 1]);
        }
        return said.toString();
    }

    /** The text, an argument as its name in braces. @throws IllegalStateException if it chooses by its arguments */
    String pattern() {
        if (pieces == null) {
            throw new IllegalStateException("message '" + key + "' chooses by its arguments");
        }
        StringBuilder text = new StringBuilder(pieces[0]);
        for (int i = 1; i < pieces.length; i += 2) {
            text.append('{')
                    .append(pieces[i].replaceFirst("^at(?=\\d)", ""))
                    .append('}')
                    .append(pieces[i + 1]);
        }
        return text.toString();
    }

    /** Text and names of arguments in turn; begins and ends with text. */
    private static String[] pieces(MessagePattern pattern) {
        String all = pattern.getPatternString();
        List<String> pieces = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (int i = 0; i < pattern.countParts(); i++) {
            MessagePattern.Part part = pattern.getPart(i);
            switch (part.getType()) {
                case SKIP_SYNTAX -> {
                    text.append(all, from, part.getIndex());
                    from = part.getLimit();
                }
                case ARG_START -> text.append(all, from, part.getIndex());
                case ARG_NAME, ARG_NUMBER -> {
                    pieces.add(text.toString());
                    pieces.add(pattern.getSubstring(part));
                    text.setLength(0);
                }
                case ARG_LIMIT -> from = part.getLimit();
                default -> {}
            }
        }
        pieces.add(text.append(all.substring(from)).toString());
        return pieces.toArray(String[]::new);
    }

    /** The same text with the name of every argument as it is handed over; fills the slots. */
    private String handed(String text) {
        MessagePattern pattern = new MessagePattern(text);
        StringBuilder handed = new StringBuilder();
        int from = 0;
        for (int i = 0; i < pattern.countParts(); i++) {
            if (pattern.getPartType(i) == MessagePattern.Part.Type.ARG_START) {
                MessagePattern.Part name = pattern.getPart(i + 1);
                Slot slot = new Slot(
                        pattern.getSubstring(name), use(pattern.getPart(i).getArgType()));
                slots.add(slot);
                handed.append(text, from, name.getIndex()).append(slot.handed());
                from = name.getLimit();
            }
        }
        return handed.append(text.substring(from)).toString();
    }

    private static Slot.Use use(MessagePattern.ArgType type) {
        return switch (type) {
            case NONE -> Slot.Use.SAID;
            case SELECT -> Slot.Use.CODE;
            default -> Slot.Use.NUMBER;
        };
    }
}
