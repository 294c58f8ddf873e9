package pelluna.app.catalogue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.Confidence;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Level;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.words.UnitSystem;
import pelluna.words.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The catalogue as JSON: a list of species, each with its fields, and with 'source', 'confidence' and 'writtenFor'
 * that say of every field where it comes
 * from, how far to trust it, and whether it was written for the species, its genus or its family.
 */
final class CatalogueJson {
    /** The words of the format, whatever language its reader reads. */
    private static final Words WORDS = Words.english(UnitSystem.METRIC);

    private static final List<String> HEAD = List.of("scientificName", "family", "genus");
    private static final List<String> ORIGIN = List.of("source", "confidence", "writtenFor");
    private static final TypeReference<List<Map<String, Object>>> SPECIES = new TypeReference<>() {};

    private final JsonMapper json = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();
    private final Map<String, FactForm.Slot> flags = FactForms.all().stream()
            .flatMap(f -> f.slots().stream())
            .filter(s -> s.kind() == FactForm.Kind.FLAG)
            .collect(Collectors.toMap(FactForm.Slot::name, s -> s));

    String write(List<Species> species) {
        return json.writeValueAsString(species.stream().map(this::tree).toList());
    }

    private Map<String, Object> tree(Species s) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("scientificName", s.scientificName());
        tree.put("family", s.family());
        tree.put("genus", s.genus());
        tree.put("synonyms", List.of());
        Fields.of(s).forEach((field, text) -> put(tree, field, value(field, text)));
        Map<String, Object> source = new LinkedHashMap<>();
        Map<String, Object> confidence = new LinkedHashMap<>();
        Map<String, Object> level = new LinkedHashMap<>();
        Fields.factOfField().forEach((field, key) -> {
            Fact fact = s.facts().get(key);
            if (fact != null) {
                source.put(field, WORDS.of(fact.source()));
                confidence.put(field, fact.confidence().word());
                level.put(field, fact.level().word());
            }
        });
        tree.put("source", source);
        tree.put("confidence", confidence);
        tree.put("writtenFor", level);
        return tree;
    }

    @SuppressWarnings("unchecked")
    private static void put(Map<String, Object> tree, String field, Object value) {
        if (value.equals("")) {
            return;
        }
        int dot = field.indexOf('.');
        if (dot < 0) {
            tree.put(field, value);
        } else {
            ((Map<String, Object>)
                            tree.computeIfAbsent(field.substring(0, dot), k -> new LinkedHashMap<String, Object>()))
                    .put(field.substring(dot + 1), value);
        }
    }

    private Object value(String field, String text) {
        if (Lists.of(field)) {
            return text.equals("none") ? List.of() : Arrays.asList(text.split(", *"));
        }
        if (flags.containsKey(field)) {
            return text.equals(flags.get(field).flag()[0]);
        }
        return Lists.number(field) ? new BigDecimal(text) : text;
    }

    /**
     * Every species, good or refused.
     *
     * @throws CatalogueException if the text is no list of species
     */
    List<FileRow> read(String text) {
        List<Map<String, Object>> all;
        try {
            all = json.readValue(text, SPECIES);
        } catch (JacksonException e) {
            throw new CatalogueException(
                    new FactPlace.LineOf(
                            e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    new FileFault.NotJson());
        }
        List<FileRow> rows = new ArrayList<>();
        for (Map<String, Object> tree : all) {
            rows.add(row(rows.size() + 1, tree == null ? Map.of() : tree));
        }
        return rows;
    }

    private FileRow row(int number, Map<String, Object> tree) {
        String name = String.valueOf(tree.getOrDefault("scientificName", ""));
        try {
            Map<String, String> fields = new LinkedHashMap<>();
            tree.forEach((field, value) -> {
                if (!HEAD.contains(field) && !ORIGIN.contains(field)) {
                    flatten(field, value, fields);
                }
            });
            if ("none".equals(fields.get("synonyms"))) {
                fields.remove("synonyms");
            }
            return FileRow.of(
                    number, Fields.entry(name, String.valueOf(tree.getOrDefault("family", "")), fields, codes(tree)));
        } catch (CatalogueException e) {
            return FileRow.refused(number, name, e.problems());
        }
    }

    private void flatten(String field, Object value, Map<String, String> fields) {
        if (value instanceof Map<?, ?> map) {
            map.forEach((k, v) -> flatten(field + "." + k, v, fields));
        } else if (value instanceof List<?> list) {
            fields.put(
                    field,
                    list.isEmpty() ? "none" : list.stream().map(String::valueOf).collect(Collectors.joining(", ")));
        } else if (value instanceof Boolean harmed && field.equals("copperSensitive")) {
            fields.put(field, harmed ? "sensitive" : "tolerates"); // as files up to 0.6 have it
        } else if (value instanceof Boolean yes && flags.containsKey(field)) {
            fields.put(field, flags.get(field).flag()[yes ? 0 : 1]);
        } else if (value != null) {
            fields.put(field, value instanceof BigDecimal n ? n.toPlainString() : value.toString());
        }
    }

    private static Map<String, String> codes(Map<String, Object> tree) {
        Map<String, String> codes = new LinkedHashMap<>();
        Fields.factOfField().forEach((field, key) -> {
            String source = at(tree, "source", field);
            if (!source.isEmpty()) {
                codes.put(
                        key,
                        code(field, source, at(tree, "confidence", field)) + " "
                                + (at(tree, "writtenFor", field).isEmpty()
                                        ? Level.SPECIES.word()
                                        : at(tree, "writtenFor", field)));
            }
        });
        return codes;
    }

    private static String at(Map<String, Object> tree, String part, String field) {
        return tree.get(part) instanceof Map<?, ?> map && map.get(field) != null
                ? map.get(field).toString()
                : "";
    }

    private static String code(String field, String source, String confidence) {
        String code = Arrays.stream(Source.values())
                .filter(s -> WORDS.of(s).equals(source))
                .map(Source::word)
                .findFirst()
                .orElseThrow(() -> new CatalogueException(
                        new FactPlace.At("source." + field),
                        new FileFault.NoSuchSource(source, List.of(Source.values()))));
        return code
                + Arrays.stream(Confidence.values())
                        .filter(c -> c.word().equals(confidence))
                        .map(Confidence::mark)
                        .findFirst()
                        .orElse("");
    }
}
