package pelluna.app.catalogue;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import pelluna.app.limits.Cells;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Species;

/**
 * The catalogue as comma-separated values (RFC 4180, UTF-8). Columns have Darwin Core names where there are any:
 * scientificName, family, genus,
 * specificEpithet, taxonRank, vernacularName; lists in one cell are parted by ' | '. The others are listed in
 * docs/catalogue.md.
 */
final class CatalogueCsv {
    private static final String LIST = " | ";
    private static final String VERNACULAR = "vernacularName";
    private static final List<String> HEAD =
            List.of("scientificName", "family", "genus", "specificEpithet", "taxonRank");
    private static final String SOURCE = "source.";

    private CatalogueCsv() {}

    static String write(List<Species> species) {
        List<String> fields = Fields.all();
        List<String> keys = FactForms.all().stream().map(f -> f.key()).toList();
        List<String> header = new ArrayList<>(HEAD);
        fields.forEach(f -> header.add(f.equals("commonNames") ? VERNACULAR : f));
        keys.forEach(k -> header.add(SOURCE + k));
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(header);
            for (Species s : species) {
                Map<String, String> values = Fields.of(s);
                List<String> row = new ArrayList<>(List.of(
                        s.scientificName(),
                        s.family(),
                        s.genus(),
                        s.scientificName().substring(s.genus().length() + 1),
                        "species"));
                fields.forEach(f -> row.add(
                        Lists.of(f) ? values.getOrDefault(f, "").replaceAll(", *", LIST) : values.getOrDefault(f, "")));
                keys.forEach(k -> {
                    Fact fact = s.facts().get(k);
                    row.add(fact == null ? "" : Fields.code(fact));
                });
                csv.printRecord(row.stream().map(Cells::written).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Every row, good or refused.
     *
     * @throws CatalogueException if the file as a whole is none: no header with scientificName and family
     */
    static List<FileRow> read(String text) {
        List<FileRow> rows = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(text))) {
            if (!csv.getHeaderNames().containsAll(List.of("scientificName", "family"))) {
                throw new CatalogueException(new FactPlace.LineOf(1), new FileFault.NoHeader());
            }
            for (CSVRecord row : csv) {
                rows.add(row((int) row.getRecordNumber(), row));
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException | IllegalStateException e) {
            throw new CatalogueException(new FactPlace.AfterRow(rows.size()), new FileFault.NotCsv());
        }
        return rows;
    }

    private static FileRow row(int number, CSVRecord row) {
        String name = row.isSet("scientificName") ? row.get("scientificName").trim() : "";
        try {
            if (!row.isConsistent()) {
                throw new CatalogueException(
                        new FactPlace.At(name),
                        new FileFault.OtherCells(
                                row.size(), row.getParser().getHeaderNames().size()));
            }
            Map<String, String> fields = new LinkedHashMap<>();
            Map<String, String> codes = new LinkedHashMap<>();
            row.toMap().forEach((column, written) -> {
                String cell = Cells.read(written);
                String field = column.equals(VERNACULAR) ? "commonNames" : column.trim();
                if (field.startsWith(SOURCE)) {
                    if (!cell.isBlank()) {
                        codes.put(field.substring(SOURCE.length()), cell);
                    }
                } else if (!HEAD.contains(field)) {
                    fields.put(field, Lists.of(field) ? cell.trim().replace(LIST, ", ") : cell.trim());
                }
            });
            return FileRow.of(number, Fields.entry(name, row.get("family").trim(), fields, codes));
        } catch (CatalogueException e) {
            return FileRow.refused(number, name, e.problems());
        }
    }
}
