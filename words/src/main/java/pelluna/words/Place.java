package pelluna.words;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a message of a page asks of its arguments: the place of one, from 0 on, and how it is said. */
record Place(int number, View view) {
    private static final Pattern WRITTEN = Pattern.compile("(\\d+)(Words|Short|Der|Den|Dem)?(Cap)?");

    /** @throws IllegalStateException for anything else */
    static Place of(String name) {
        Matcher m = WRITTEN.matcher(name);
        if (!m.matches()) {
            throw new IllegalStateException("'" + name + "' is no place");
        }
        View.How how = m.group(2) == null ? View.How.PLAIN : View.How.of(m.group(1) + m.group(2));
        return new Place(Integer.parseInt(m.group(1)), new View(name, m.group(3) != null, how, 0));
    }
}
