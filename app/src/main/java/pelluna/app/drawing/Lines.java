package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/** Breaks texts of drawings into lines: at blanks, and behind the hyphens of long words. */
public final class Lines {
    private static final Pattern BREAK = Pattern.compile(" |(?<=\\p{L}\\p{L}-)(?=\\p{L}\\p{L})");

    private Lines() {}

    /**
     * @param letters that a line may have; a longer word stands alone
     * @param most    lines; what is left over is cut with an ellipsis
     */
    public static List<String> wrapped(String text, int letters, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.isBlank() ? new String[0] : BREAK.split(text)) {
            String between = line.length() == 0 || line.charAt(line.length() - 1) == '-' ? "" : " ";
            if (line.length() > 0 && line.length() + between.length() + word.length() > letters) {
                if (lines.size() == most - 1) {
                    lines.add(line + " …");
                    return lines;
                }
                lines.add(line.toString());
                line.setLength(0);
                between = "";
            }
            line.append(between).append(word);
        }
        if (line.length() > 0) {
            lines.add(line.toString());
        }
        return lines;
    }

    /** Letters of the longest piece that is never broken. */
    public static int longest(String text) {
        return Arrays.stream(BREAK.split(text)).mapToInt(String::length).max().orElse(0);
    }
}
