package pelluna.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.List;

/** What a message may read like: every choice of it once, a short name for whatever it is filled with. */
final class Readings {
    static final String FILLED = "Finn";

    private final MessagePattern pattern;

    private Readings(String text) {
        pattern = new MessagePattern(text);
    }

    static List<String> of(String text) {
        return new Readings(text)
                .message(0).stream().map(r -> r.replaceAll("\\s+", " ").strip()).toList();
    }

    private List<String> message(int start) {
        List<String> readings = new ArrayList<>(List.of(""));
        int at = pattern.getPart(start).getLimit();
        int limit = pattern.getLimitPartIndex(start);
        for (int i = start + 1; i <= limit; i++) {
            Part part = pattern.getPart(i);
            String before = pattern.getPatternString().substring(at, part.getIndex());
            readings.replaceAll(r -> r + before);
            at = part.getLimit();
            if (part.getType() == Part.Type.REPLACE_NUMBER) {
                readings.replaceAll(r -> r + FILLED);
            } else if (part.getType() == Part.Type.ARG_START) {
                readings = joined(readings, argument(i));
                i = pattern.getLimitPartIndex(i);
                at = pattern.getPart(i).getLimit();
            }
        }
        return readings;
    }

    /** The first with every choice, the others with the last one. */
    private static List<String> joined(List<String> readings, List<String> choices) {
        List<String> joined = new ArrayList<>();
        choices.forEach(c -> joined.add(readings.get(0) + c));
        readings.stream().skip(1).forEach(r -> joined.add(r + choices.get(choices.size() - 1)));
        return joined;
    }

    private List<String> argument(int start) {
        ArgType type = pattern.getPart(start).getArgType();
        if (type == ArgType.NONE || type == ArgType.SIMPLE) {
            return List.of(FILLED);
        }
        List<String> choices = new ArrayList<>();
        for (int i = start + 1; i < pattern.getLimitPartIndex(start); i++) {
            if (pattern.getPartType(i) == Part.Type.MSG_START) {
                choices.addAll(message(i));
                i = pattern.getLimitPartIndex(i);
            }
        }
        return choices;
    }
}
