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
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

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
    private static final TypeReference<List<ObjectNode>> SPECIES = new TypeReference<>() {};

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

    ObjectNode tree(Species s) {
        ObjectNode tree = json.createObjectNode();
        tree.put("scientificName", s.scientificName());
        tree.put("family", s.family());
        tree.put("genus", s.genus());
        tree.putArray("synonyms");
        Fields.of(s).forEach((field, text) -> put(tree, field, text));
        ObjectNode source = json.createObjectNode();
        ObjectNode confidence = json.createObjectNode();
        ObjectNode level = json.createObjectNode();
        Fields.factOfField().forEach((field, key) -> {
            Fact fact = s.facts().get(key);
            if (fact != null) {
                source.put(field, WORDS.of(fact.source()));
                confidence.put(field, fact.confidence().word());
                level.put(field, fact.level().word());
            }
        });
        tree.set("source", source);
        tree.set("confidence", confidence);
        tree.set("writtenFor", level);
        return tree;
    }

    private void put(ObjectNode tree, String field, String text) {
        if (text.isEmpty() && !Lists.of(field)) {
            return;
        }
        int dot = field.indexOf('.');
        ObjectNode in = dot < 0 ? tree : tree.withObjectProperty(field.substring(0, dot));
        in.set(field.substring(dot + 1), value(field, text));
    }

    private JsonNode value(String field, String text) {
        if (Lists.of(field)) {
            ArrayNode list = json.createArrayNode();
            if (!text.equals("none")) {
                Arrays.stream(text.split(", *")).forEach(list::add);
            }
            return list;
        }
        JsonNodeFactory nodes = json.getNodeFactory();
        if (flags.containsKey(field)) {
            return nodes.booleanNode(text.equals(flags.get(field).flag()[0]));
        }
        return Lists.number(field) ? nodes.numberNode(new BigDecimal(text)) : nodes.stringNode(text);
    }

    /**
     * Every species, good or refused.
     *
     * @throws CatalogueException if the text is no list of species
     */
    List<FileRow> read(String text) {
        List<ObjectNode> all;
        try {
            all = json.readValue(text, SPECIES);
        } catch (JacksonException e) {
            throw new CatalogueException(
                    new FactPlace.LineOf(
                            e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    new FileFault.NotJson());
        }
        List<FileRow> rows = new ArrayList<>();
        for (ObjectNode tree : all) {
            rows.add(row(rows.size() + 1, tree == null ? json.createObjectNode() : tree));
        }
        return rows;
    }

    private FileRow row(int number, ObjectNode tree) {
        String name = tree.path("scientificName").asString("");
        try {
            Map<String, String> fields = new LinkedHashMap<>();
            tree.properties().stream()
                    .filter(p -> !HEAD.contains(p.getKey()) && !ORIGIN.contains(p.getKey()))
                    .forEach(p -> flatten(p.getKey(), p.getValue(), fields));
            if ("none".equals(fields.get("synonyms"))) {
                fields.remove("synonyms");
            }
            return FileRow.of(number, Fields.entry(name, tree.path("family").asString(""), fields, codes(tree)));
        } catch (CatalogueException e) {
            return FileRow.refused(number, name, e.problems());
        }
    }

    private void flatten(String field, JsonNode value, Map<String, String> fields) {
        if (value.isObject()) {
            value.properties().forEach(p -> flatten(field + "." + p.getKey(), p.getValue(), fields));
        } else if (value.isArray()) {
            fields.put(
                    field,
                    value.isEmpty()
                            ? "none"
                            : value.valueStream().map(CatalogueJson::text).collect(Collectors.joining(", ")));
        } else if (value.isBoolean() && field.equals("copperSensitive")) {
            fields.put(field, value.asBoolean() ? "sensitive" : "tolerates"); // as files up to 0.6 have it
        } else if (value.isBoolean() && flags.containsKey(field)) {
            fields.put(field, flags.get(field).flag()[value.asBoolean() ? 0 : 1]);
        } else if (!value.isNull()) {
            fields.put(field, text(value));
        }
    }

    private static String text(JsonNode value) {
        return value.isBigDecimal() ? value.decimalValue().toPlainString() : value.asString();
    }

    private static Map<String, String> codes(ObjectNode tree) {
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

    private static String at(ObjectNode tree, String part, String field) {
        return tree.path(part).path(field).asString("");
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
