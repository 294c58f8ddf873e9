package pelluna.app.shop;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import pelluna.app.limits.Cells;
import pelluna.app.limits.Utf8;

/** The lines of a list with their cells: parted by tabs, semicolons or commas, whichever most of its lines have. */
final class StockText {
    private static final List<Character> PARTS = List.of('\t', ';', ',');
    /** Longer lists are cut here. */
    static final int MOST_LINES = 300;

    private StockText() {}

    static List<List<String>> rows(String text) {
        String plain = Utf8.unmarked(text);
        List<String> lines = plain.lines().limit(MOST_LINES).toList();
        char by = PARTS.stream()
                .filter(c -> 2 * lines.stream().filter(l -> l.indexOf(c) >= 0).count() > lines.size())
                .findFirst()
                .orElse(',');
        List<List<String>> rows = new ArrayList<>();
        for (String line : lines) {
            rows.add(cells(line, by));
        }
        return rows;
    }

    /** A line that is no CSV is one cell. */
    private static List<String> cells(String line, char by) {
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(by).get();
        try (CSVParser parser = CSVParser.parse(new StringReader(line), format)) {
            return parser.stream().flatMap(CSVRecord::stream).map(Cells::read).toList();
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return Stream.of(line).toList();
        }
    }
}
