package pelluna.app.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;

/** What stands in a drawing, by patterns of its markup. */
public final class Drawn {
    private Drawn() {}

    /** Well-formed, or the test fails. */
    public static Document read(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    public static int count(String svg, String pattern) {
        return (int) Pattern.compile(pattern).matcher(svg).results().count();
    }

    /** The number in the pattern's group, at its first place. */
    public static double number(String svg, String pattern) {
        List<Double> all = numbers(svg, pattern);
        assertThat(all).as(pattern + " in " + svg).isNotEmpty();
        return all.get(0);
    }

    /** The numbers in the pattern's group, in order. */
    public static List<Double> numbers(String svg, String pattern) {
        return Pattern.compile(pattern)
                .matcher(svg)
                .results()
                .map(r -> Double.valueOf(r.group(1)))
                .toList();
    }
}
