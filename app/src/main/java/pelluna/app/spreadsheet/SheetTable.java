package pelluna.app.spreadsheet;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import pelluna.app.limits.Cells;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Utf8;

/**
 * CSV in and out (RFC 4180, UTF-8). Read with comma, semicolon or tab, whichever stands in the first line; columns by
 * name, in any order and case.
 */
final class SheetTable {
    private SheetTable() {}

    /** @param number of the row as a spreadsheet counts it, the heading being 1; @param cells by name in lower case */
    record SheetRow(long number, Map<String, String> cells) {
        String cell(String name) {
            return cells.getOrDefault(name.toLowerCase(Locale.ROOT), "").strip();
        }
    }

    /**
     * Reads row by row, so that a long table is never held as a whole.
     *
     * @throws Refused, if it is no table
     */
    static void read(String text, Consumer<SheetRow> each) {
        String plain = Utf8.unmarked(text);
        try (CSVParser parser = parser(plain)) {
            Iterator<CSVRecord> records = parser.iterator();
            while (hasNext(records)) {
                CSVRecord record = records.next();
                Map<String, String> cells = new LinkedHashMap<>();
                record.toMap().forEach((k, v) -> cells.put(k.strip().toLowerCase(Locale.ROOT), Cells.read(v)));
                if (cells.values().stream().anyMatch(v -> !v.isBlank())) {
                    each.accept(new SheetRow(parser.getCurrentLineNumber(), cells));
                }
            }
        } catch (IOException e) {
            throw noTable(e);
        }
    }

    private static CSVParser parser(String plain) throws IOException {
        try {
            return CSVParser.parse(new StringReader(plain), format(plain));
        } catch (IllegalArgumentException e) {
            throw noTable(e);
        }
    }

    private static boolean hasNext(Iterator<CSVRecord> records) {
        try {
            return records.hasNext();
        } catch (IllegalArgumentException | UncheckedIOException e) {
            throw noTable(e);
        }
    }

    private static Refused noTable(Exception why) {
        return new Refused("", new SheetRefusal.NoTable(), why);
    }

    private static CSVFormat format(String plain) {
        String head = plain.lines().findFirst().orElse("");
        char by = head.contains("\t")
                ? '\t'
                : head.chars().filter(c -> c == ';').count()
                                > head.chars().filter(c -> c == ',').count()
                        ? ';'
                        : ',';
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(by)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_EMPTY)
                .get();
    }

    /** A cell that a spreadsheet would take for a formula is written as text. */
    static String write(List<String> head, List<List<Object>> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(head);
            for (List<Object> row : rows) {
                printer.printRecord(row.stream().map(Cells::written).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
