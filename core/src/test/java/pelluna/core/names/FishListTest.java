package pelluna.core.names;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.testing.Plans;

class FishListTest {
    private static final FishNames NAMES = new FishNames(Plans.CATALOGUE);

    private static List<FishList.Entry> read(List<List<String>> rows) {
        return FishList.read(rows, NAMES);
    }

    private static FishList.Entry line(String... cells) {
        List<FishList.Entry> all = read(List.of(List.of(cells)));
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    Yellow Tang                                        | Zebrasoma flavescens    | 1
                    - 2x royal gramma                                  | Gramma loreto           | 2
                    • firefish x3                                      | Nemateleotris magnifica | 3
                    3) Yellow Tang (Zebrasoma flavescens) 6-8 cm       | Zebrasoma flavescens    | 1
                    lawnmower blenny $24.99                            | Salarias fasciatus      | 1
                    a pair of ocellaris clownfish, captive-bred        | Amphiprion ocellaris    | 2
                    [x] Royal Gramma - small                           | Gramma loreto           | 1
                    5 Zebrasoma flavescens (M) EUR 89                  | Zebrasoma flavescens    | 5
                    royla grama                                        | Gramma loreto           | 1
                    2 Stk Gelber Segelflossendoktor 59,90 €            | Zebrasoma flavescens    | 2
                    """)
    void aLineAsPeopleWriteIt(String typed, String species, int count) {
        FishList.Entry e = line(typed);
        assertThat(e.one()).as(e.name()).contains(Plans.species(species));
        assertThat(e.count()).isEqualTo(count);
        assertThat(e.typed()).isEqualTo(typed);
    }

    @Test
    void aPriceIsRead() {
        assertThat(line("lawnmower blenny $24.99").price()).isEqualTo(OptionalDouble.of(24.99));
        assertThat(line("Gramma loreto", "49,90").price()).isEqualTo(OptionalDouble.of(49.90));
        assertThat(line("2x royal gramma 29.90").price()).isEqualTo(OptionalDouble.of(29.90));
        assertThat(line("royal gramma").price()).isEmpty();
    }

    @Test
    void aTableHasItsNameInAnyCellAndHeadingsAreNone() {
        List<FishList.Entry> all = read(List.of(
                List.of("SKU", "Species", "Common name", "Size", "Price"),
                List.of("F-102", "Gramma loreto", "Royal gramma", "M", "29.90"),
                List.of("Tangs:"),
                List.of("F-103", "Zebrasoma flavescens", "Yellow tang", "L", "99.00"),
                List.of("", "", "")));
        assertThat(all)
                .extracting(e -> e.one().orElseThrow().scientificName())
                .containsExactly("Gramma loreto", "Zebrasoma flavescens");
        assertThat(all).extracting(FishList.Entry::line).containsExactly(2, 4);
    }

    @Test
    void severalInALineAreSeveral() {
        List<FishList.Entry> all = read(List.of(List.of("2 firefish", "royal gramma", "yellow tang")));
        assertThat(all).hasSize(3).allMatch(e -> e.one().isPresent());
        assertThat(all.get(0).count()).isEqualTo(2);
    }

    @Test
    void whatIsNotClearHasItsChoices() {
        FishList.Entry group = line("clownfish");
        assertThat(group.one()).isEmpty();
        assertThat(group.meant().species()).hasSizeGreaterThan(3);
        assertThat(line("qwertzuiop").one()).isEmpty();
    }

    @Test
    void nothingIsReadFromNothing() {
        assertThat(read(List.of(List.of(""), List.of("12", "3.50"), List.of("---"))))
                .isEmpty();
    }
}
