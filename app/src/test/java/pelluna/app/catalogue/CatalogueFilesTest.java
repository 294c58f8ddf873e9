package pelluna.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.CatalogueFault;
import pelluna.core.catalogue.CatalogueProblem;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** The catalogue out and in: nothing is lost, and what cannot be taken is said by row. */
class CatalogueFilesTest {
    private static final Catalogue CATALOGUE = Catalogue.shipped();

    private static List<FileRow> read(String format, String text) {
        return format.equals("csv") ? CatalogueCsv.read(text) : new CatalogueJson().read(text);
    }

    private static String write(String format, List<Species> species) {
        return format.equals("csv") ? CatalogueCsv.write(species) : new CatalogueJson().write(species);
    }

    private static Map<String, List<Object>> plain(Map<String, Fact> facts) {
        Map<String, List<Object>> plain = new LinkedHashMap<>();
        facts.forEach((key, f) -> plain.put(key, List.of(f.value(), f.source(), f.confidence(), f.level())));
        return plain;
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "json"})
    void outAndInAgainEveryFactIsTheSameWithItsSourceConfidenceAndLevel(String format) {
        List<FileRow> rows = read(format, write(format, CATALOGUE.all()));
        assertThat(rows).hasSameSizeAs(CATALOGUE.all());
        for (int i = 0; i < rows.size(); i++) {
            Species s = CATALOGUE.all().get(i);
            assertThat(rows.get(i).refused()).as(s.name()).isEmpty();
            Entry entry = rows.get(i).entry().orElseThrow();
            assertThat(entry.scientificName()).isEqualTo(s.scientificName());
            assertThat(entry.family()).isEqualTo(s.family());
            assertThat(plain(entry.facts())).as(s.name()).isEqualTo(plain(withoutEmptyLists(s)));
        }
    }

    /** A synonym list that says 'none' is the same as none said. */
    private static Map<String, Fact> withoutEmptyLists(Species s) {
        return s.facts().entrySet().stream()
                .filter(e ->
                        !(e.getKey().equals("synonyms") && e.getValue().value().equals("none")))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "json"})
    void aFileJustWrittenChangesNothing(String format) {
        BringIn in = BringIn.of(write(format, CATALOGUE.all()), CATALOGUE, CATALOGUE);
        assertThat(in.word().isEmpty()).isTrue();
        assertThat(in.count(BringIn.Fate.SAME)).isEqualTo(CATALOGUE.all().size());
        assertThat(in.shown()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "json"})
    void aKeepersOwnWordAndSpeciesGoOutAndComeBackToo(String format) {
        FactOverrides word = new FactOverrides(
                List.of(new FactOverrides.OwnSpecies("Gramma dejongi", "Grammatidae", "Gramma loreto")),
                List.of(
                        new FactOverrides.FactOverride("Gramma dejongi", "names", "golden gramma"),
                        new FactOverrides.FactOverride("Zebrasoma flavescens", "volume", "300 / 450 / 600 L")));
        String file = write(format, CATALOGUE.with(word).all());
        BringIn elsewhere = BringIn.of(file, CATALOGUE, CATALOGUE);
        Catalogue there = CATALOGUE.with(elsewhere.word());
        assertThat(there.find("golden gramma").orElseThrow().size())
                .isEqualTo(CATALOGUE.find("Gramma loreto").orElseThrow().size());
        assertThat(there.find("yellow tang").orElseThrow().room().litres().customary())
                .isEqualTo(450);
        assertThat(elsewhere.count(BringIn.Fate.NEW)).isEqualTo(1);
        assertThat(elsewhere.count(BringIn.Fate.OTHER_FACTS)).isEqualTo(1);
        assertThat(BringIn.of(file, there, CATALOGUE).word().isEmpty())
                .as("brought in twice changes nothing")
                .isTrue();
    }

    @Test
    void someColumnsAreEnough() {
        BringIn in = BringIn.of(
                "\uFEFFscientificName,family,adultLengthCm.usual,adultLengthCm.record,vernacularName\r\n"
                        + "Gramma loreto,Grammatidae,8,9,\"royal gramma | fairy basslet\"\r\n",
                CATALOGUE,
                CATALOGUE);
        assertThat(in.word().facts())
                .containsExactlyInAnyOrder(
                        new FactOverrides.FactOverride("Gramma loreto", "adult", "8 cm, record 9 cm"),
                        new FactOverrides.FactOverride("Gramma loreto", "names", "royal gramma, fairy basslet"));
        assertThat(in.rows().get(0).changes()).anyMatch(c -> c.equals("adult: 7 cm, record 8 cm → 8 cm, record 9 cm"));
    }

    @Test
    void aWrongRowIsRefusedWithItsNumberAndReasonAndTheOthersAreStillShown() {
        BringIn in = BringIn.of(
                "scientificName,family,adultLengthCm.usual,adultLengthCm.record,reefLife.shrimp\n"
                        + "Gramma loreto,Grammatidae,8,9,\n"
                        + "Zebrasoma flavescens,Acanthuridae,30,20,\n"
                        + "Chromis viridis,Pomacentridae,,,often\n"
                        + "Nemo nemo,Nowhere,5,6,\n"
                        + "Gramma loreto,Grammatidae,8,9,\n"
                        + "Premnas biaculeatus,Pomacentridae,14,17,\n"
                        + "Salarias fasciatus,Blenniidae,13\n"
                        + "Naso lituratus,Acanthuridae,34,46,\n",
                CATALOGUE,
                CATALOGUE);
        assertThat(in.rows()).extracting(BringIn.Row::number).containsExactly(1, 2, 3, 4, 5, 6, 7, 8);
        assertThat(in.rows())
                .extracting(r -> r.fate().name())
                .containsExactly(
                        "OTHER_FACTS", "REFUSED", "REFUSED", "REFUSED", "REFUSED", "REFUSED", "REFUSED", "OTHER_FACTS");
        assertThat(in.rows())
                .extracting(r -> codes(r.refused().all()))
                .containsExactly(
                        List.of(),
                        List.of("catalogue.IsNot"),
                        List.of("app.catalogue.LifeMissing"),
                        List.of("catalogue.NoScientificName"),
                        List.of("app.catalogue.TwiceInFile"),
                        List.of("app.catalogue.NameOfAnother"),
                        List.of("app.catalogue.OtherCells"),
                        List.of());
        assertThat(in.word().facts())
                .extracting(FactOverrides.FactOverride::scientificName)
                .containsOnly("Gramma loreto", "Naso lituratus");
    }

    @Test
    void aFactOfWhichOnlyPartIsGivenIsRefusedAndNotFilledIn() {
        assertThat(CatalogueCsv.read("scientificName,family,mealsADay,hardToFeed,pace\nZebrasoma "
                                + "flavescens,Acanthuridae,3,2,quick\n")
                        .get(0)
                        .refused())
                .containsExactly(new CatalogueProblem(
                        new FactPlace.At("grazes"),
                        new FileFault.FieldMissing(List.of("mealsADay", "hardToFeed", "pace"))));
        assertThat(new CatalogueJson()
                        .read("[{\"scientificName\":\"Zebrasoma "
                                + "flavescens\",\"family\":\"Acanthuridae\",\"social\":\"pair\"}]")
                        .get(0)
                        .refused())
                .extracting(CatalogueProblem::place)
                .containsExactly(new FactPlace.At("leastGroup"));
        String reef = CatalogueCsv.write(List.of(CATALOGUE.find("yellow tang").orElseThrow()))
                .replaceFirst("leaves-alone", "sometimes");
        assertThat(CatalogueCsv.read(reef).get(0).refused())
                .extracting(CatalogueProblem::fault)
                .containsExactly(new FileFault.NoSuchHarm("sometimes"));
    }

    @Test
    void aNewSpeciesMustBringEveryFactItNeeds() {
        BringIn in = BringIn.of(
                "[{\"scientificName\":\"Gramma dejongi\",\"family\":\"Grammatidae\",\"commonNames\":[\"golden "
                        + "gramma\"]}]",
                CATALOGUE,
                CATALOGUE);
        assertThat(in.rows().get(0).refused().all())
                .extracting(p -> ((CatalogueProblem) p).fault())
                .contains(
                        new CatalogueFault.FactMissing("Gramma dejongi", "adult"),
                        new CatalogueFault.FactMissing("Gramma dejongi", "volume"));
        assertThat(in.word().isEmpty()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "name,size\na,b\n",
                "[",
                "[{\"scientificName\":",
                "[1,2]",
                "{\"a\":1}",
                "scientificName,family\n\"open quote"
            })
    void whatIsNoCatalogueIsSaidSo(String text) {
        assertThatThrownBy(() -> BringIn.of(text, CATALOGUE, CATALOGUE)).isInstanceOf(CatalogueException.class);
    }

    @Test
    void anUnknownFieldOrSourceIsNamed() {
        assertThat(new CatalogueJson()
                        .read("[{\"scientificName\":\"Gramma loreto\",\"family\":\"Grammatidae\",\"wings\":2}]")
                        .get(0)
                        .refused())
                .extracting(CatalogueProblem::fault)
                .containsExactly(new FileFault.NoSuchField("wings"));
        assertThat(new CatalogueJson()
                        .read("[{\"scientificName\":\"Gramma "
                                + "loreto\",\"family\":\"Grammatidae\",\"skill\":2,"
                                + "\"source\":{\"skill\":\"hearsay\"}}]")
                        .get(0)
                        .refused())
                .extracting(CatalogueProblem::fault)
                .containsExactly(new FileFault.NoSuchSource("hearsay", List.of(Source.values())));
        assertThat(CatalogueCsv.read("scientificName,family,skill,source.skill\nGramma loreto,Grammatidae,2,zz genus\n")
                        .get(0)
                        .refused())
                .extracting(CatalogueProblem::fault)
                .containsExactly(new FileFault.NoSourceCode("zz genus"));
    }

    @Test
    void darwinCoreNamesStandWhereThereAreAny() {
        assertThat(CatalogueCsv.write(CATALOGUE.all()).lines().findFirst().orElseThrow())
                .startsWith("scientificName,family,genus,specificEpithet,taxonRank,vernacularName,");
    }

    @Test
    void theDocumentNamesEveryFactAndField() throws IOException {
        Path root = Files.exists(Path.of("docs")) ? Path.of(".") : Path.of("..");
        String document = Files.readString(root.resolve("docs/catalogue.md"));
        assertThat(document).contains(CATALOGUE.all().size() + " species");
        FactForms.all().forEach(form -> {
            assertThat(document).contains("| " + form.key() + (form.required() ? " |" : " * |"));
            form.slots().forEach(slot -> assertThat(document).contains(slot.name()));
        });
    }

    /** Of problems the codes of their faults. */
    private static List<String> codes(List<Statement> all) {
        return all.stream()
                .map(s -> Words.code(s instanceof CatalogueProblem p ? p.fault() : s))
                .toList();
    }
}
