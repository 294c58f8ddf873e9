package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a reader reads stands in the messages of the module of words. Literal text is counted here. */
class LiteralsTest {
    /** Classes of the stylesheet, codes of several words, questions to the database. */
    private static final Set<String> CODES = Set.of(
            "api/ProgramWrites.java",
            "arrivals/LanesDrawing.java",
            "arrivals/LensRulers.java",
            "arrivals/ListController.java",
            "arrivals/StripsDrawing.java",
            "catalogue/Fields.java",
            "chart/Chart.java",
            "chart/Plot.java",
            "database/AskedFor.java",
            "datapackage/Author.java",
            "datapackage/Kind.java",
            "datapackage/PackageReader.java",
            "datapackage/PackageWriter.java",
            "datapackage/Records.java",
            "datapackage/Settings.java",
            "datapackage/Tables.java",
            "lan/QrCode.java",
            "log/ObservationRows.java",
            "log/WatchRows.java",
            "picture/V9__Pictures_without_places.java",
            "reefscape/AttemptText.java",
            "reefscape/PictureDrawing.java",
            "reefscape/TankNow.java",
            "scenery/ReefDrawing.java",
            "signin/Browsers.java",
            "signin/PasskeysOfThisName.java",
            "species/SchoolsDrawing.java",
            "species/ToScale.java",
            "tankplace/TankDrawing.java",
            "tokens/BearerTokens.java",
            "wishes/SieveDrawing.java",
            "writes/WriteKeys.java");
    /** Headings of the open formats. */
    private static final Set<String> HEADINGS = Set.of(
            "log/LogSheets.java",
            "losses/LossSheets.java",
            "spreadsheet/SheetController.java",
            "spreadsheet/SheetImport.java");
    /** What whoever runs the program reads, and what only the program does. */
    private static final Set<String> PROGRAM = Set.of(
            "api/ApiDocument.java",
            "api/RecordShapes.java",
            "catalogue/CatalogueCommand.java",
            "database/DatabaseTrouble.java",
            "database/LostIsNotNothing.java",
            "exchange/AtOnce.java",
            "lan/HouseAuthority.java",
            "lan/HouseLine.java",
            "limits/HeldRequest.java",
            "probe/SimulatedProbe.java",
            "shell/ReadyLine.java",
            "signin/OwnersCode.java",
            "writes/NotYetKnown.java");
    /** What the keeper of the demo has typed. */
    private static final Set<String> INVENTED =
            Set.of("demo/DemoData.java", "demo/DemoLog.java", "demo/DemoPast.java", "demo/DemoPeople.java");

    @Test
    void templatesSayNothingByThemselves() {
        assertThat(Templates.all()).hasSizeGreaterThan(40);
        assertThat(Templates.all().stream().flatMap(t -> Templates.literals(t).stream()))
                .isEmpty();
    }

    @Test
    void scriptsSayNothingByThemselves() {
        assertThat(Scripts.all()).hasSizeGreaterThan(12);
        assertThat(Scripts.all().stream().flatMap(Scripts::literals)).isEmpty();
    }

    @Test
    void javaSaysNothingByItselfOutsideAShortList() {
        Set<String> allowed = Stream.of(CODES, HEADINGS, PROGRAM, INVENTED)
                .flatMap(Set::stream)
                .collect(Collectors.toCollection(TreeSet::new));
        Set<String> speaking = Sources.all().stream()
                .filter(s -> !Sources.literals(s).isEmpty())
                .map(Sources::name)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(speaking).as("whatever is off the list stays off").isEqualTo(allowed);
    }
}
