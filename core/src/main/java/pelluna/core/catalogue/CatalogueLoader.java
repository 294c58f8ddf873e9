package pelluna.core.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;

/**
 * Reads catalogue files, one family each: 'family', 'facts' and 'genera'; each genus has 'facts' and 'species'. A fact
 * is 'key: value ~ source'. Collects every problem with its file and line before it gives up.
 */
final class CatalogueLoader {
    private final List<Species> species = new ArrayList<>();
    private final List<CatalogueProblem> problems = new ArrayList<>();
    private String file;

    List<Species> load(List<String> files) {
        files.forEach(name -> {
            try (InputStream in = CatalogueLoader.class.getResourceAsStream("/catalogue/" + name)) {
                if (in == null) {
                    throw new CatalogueException(new FactPlace.Line(name), new CatalogueFault.FileMissing());
                }
                read(name, new String(in.readAllBytes(), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        return result();
    }

    List<Species> result() {
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
        return species;
    }

    void read(String name, String yaml) {
        file = name;
        try {
            Node root = new Compose(LoadSettings.builder()
                            .setLabel(name)
                            .setUseMarks(true)
                            .build())
                    .composeString(yaml)
                    .orElseThrow(
                            () -> new CatalogueException(new FactPlace.Line(name), new CatalogueFault.FileEmpty()));
            family(mapping(root));
        } catch (CatalogueException e) {
            problems.addAll(e.problems());
        } catch (YamlEngineException e) {
            int line = e instanceof MarkedYamlEngineException marked
                    ? marked.getProblemMark().map(mark -> mark.getLine() + 1).orElse(0)
                    : 0;
            add(new FactPlace.Line(name + ":" + line), new CatalogueFault.NotYaml());
        }
    }

    private void family(Map<String, Entry> top) {
        String family = top.containsKey("family") ? text(top.get("family").node()) : "";
        if (!family.matches("[A-Z][a-z]+idae")) {
            throw new CatalogueException(new FactPlace.Line(file + ":1"), new CatalogueFault.NoFamily());
        }
        Map<String, Fact> facts =
                top.containsKey("facts") ? facts(top.get("facts").node(), Level.FAMILY) : Map.of();
        if (!top.containsKey("genera")) {
            throw new CatalogueException(new FactPlace.Line(file + ":1"), new CatalogueFault.NoGenera());
        }
        mapping(top.get("genera").node()).forEach((genus, entry) -> {
            if (!genus.matches("[A-Z][a-z]+")) {
                add(entry.place(), new CatalogueFault.NoGenusName(genus));
            }
            genus(family, facts, genus, mapping(entry.node()));
        });
    }

    private void genus(String family, Map<String, Fact> familyFacts, String genus, Map<String, Entry> entries) {
        Map<String, Fact> inherited = new LinkedHashMap<>(familyFacts);
        if (entries.containsKey("facts")) {
            inherited.putAll(facts(entries.get("facts").node(), Level.GENUS));
        }
        if (!entries.containsKey("species")) {
            add(new FactPlace.Line(file), new CatalogueFault.NoSpeciesOf(genus));
            return;
        }
        mapping(entries.get("species").node()).forEach((epithet, entry) -> {
            try {
                Map<String, Fact> all = new LinkedHashMap<>(inherited);
                all.putAll(facts(entry.node(), Level.SPECIES));
                String name = genus + " " + epithet;
                species.add(SpeciesReader.read(name, family, entry.place(), all));
            } catch (CatalogueException e) {
                problems.addAll(e.problems());
            }
        });
    }

    private Map<String, Fact> facts(Node node, Level level) {
        Map<String, Fact> facts = new LinkedHashMap<>();
        mapping(node).forEach((key, entry) -> {
            String written = text(entry.node());
            int tilde = written.lastIndexOf(" ~ ");
            Optional<Fact> fact = tilde < 0
                    ? Optional.empty()
                    : Fact.coded(
                                    key,
                                    written.substring(0, tilde).trim(),
                                    written.substring(tilde + 3).trim(),
                                    level,
                                    entry.place())
                            .filter(f -> f.source() != Source.KEEPER);
            fact.ifPresentOrElse(f -> facts.put(key, f), () -> add(entry.place(), new CatalogueFault.NoSource(key)));
        });
        return facts;
    }

    private record Entry(Node node, FactPlace place) {}

    private Map<String, Entry> mapping(Node node) {
        if (!(node instanceof MappingNode map)) {
            throw new CatalogueException(place(node), new CatalogueFault.KeysExpected());
        }
        Map<String, Entry> entries = new LinkedHashMap<>();
        for (NodeTuple tuple : map.getValue()) {
            String key = text(tuple.getKeyNode());
            if (entries.put(key, new Entry(tuple.getValueNode(), place(tuple.getKeyNode()))) != null) {
                add(place(tuple.getKeyNode()), new CatalogueFault.StandsTwice(key));
            }
        }
        return entries;
    }

    private String text(Node node) {
        if (node instanceof ScalarNode scalar) {
            return scalar.getValue();
        }
        throw new CatalogueException(place(node), new CatalogueFault.LineExpected());
    }

    private void add(FactPlace place, CatalogueFault fault) {
        problems.add(new CatalogueProblem(place, fault));
    }

    private FactPlace place(Node node) {
        return new FactPlace.Line(
                file + ":" + node.getStartMark().map(mark -> mark.getLine() + 1).orElse(0));
    }
}
