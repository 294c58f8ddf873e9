package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.CountedQueries;
import pelluna.app.testing.Pelluna;

/** Whoever follows every link of a tank in which everything has happened leaves the database as it was. */
class ReadingWritesNothingTest {
    /** A page of one species stands for those of all. */
    private static final List<String> STARTS = List.of("/today", "/species/Gramma-loreto", "/side-by-side");

    @Test
    void everyLinkIsFollowed() {
        World world = new World("Only reading");
        world.everything();
        World.asNew();
        assertThat(CountedQueries.written())
                .as("what was sent is seen to be written")
                .hasSizeGreaterThan(100);
        Map<String, List<String>> wrote = new TreeMap<>();
        int kinds = new Crawl(1)
                .from(STARTS.stream().map(world::at).toList(), path -> !path.contains("/species/"), path -> {
                    int before = CountedQueries.written().size();
                    HttpResponse<String> page = Pelluna.get(path);
                    assertThat(page.statusCode()).as(path).isLessThan(500);
                    List<String> written = CountedQueries.written();
                    if (written.size() > before) {
                        wrote.put(path, written.subList(before, written.size()));
                    }
                    return page;
                });
        assertThat(wrote).isEmpty();
        assertThat(kinds).as("kinds of addresses").isGreaterThan(50);
    }
}
