package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.CountedQueries;
import pelluna.app.testing.Pelluna;

/** Whoever follows every link of a tank in which everything has happened leaves the database as it was. */
class ReadingWritesNothingTest {
    private static final Pattern LINK = Pattern.compile("(?:href|src|data-src|data-url)=\"(/[^\"#]*)");
    /** Of one kind of address, so many are read. */
    private static final int OF_A_KIND = 3;
    /** What ends a tank, or goes on elsewhere. */
    private static final Set<String> NOT_THESE = Set.of("/tanks", "/tanks/{id}/remove", "/tanks/{id}/what-if/keep");

    @Test
    void everyLinkIsFollowed() {
        World world = new World("Only reading");
        Routes.good().forEach((pattern, good) -> {
            if (!NOT_THESE.contains(pattern)) {
                Routes.Sent sent = good.apply(world);
                Pelluna.post(sent.path(), sent.form());
            }
        });
        World.asNew();
        assertThat(CountedQueries.written())
                .as("what was sent is seen to be written")
                .hasSizeGreaterThan(100);
        Map<String, List<String>> wrote = new TreeMap<>();
        Set<String> seen = new HashSet<>();
        Map<String, Integer> ofKind = new HashMap<>();
        Deque<String> open = new ArrayDeque<>(List.of(world.at("/today"), "/"));
        while (!open.isEmpty()) {
            String path = open.poll();
            if (ofKind.merge(kind(path), 1, Integer::sum) > OF_A_KIND) {
                continue;
            }
            int before = CountedQueries.written().size();
            HttpResponse<String> page = Pelluna.get(path);
            assertThat(page.statusCode()).as(path).isLessThan(500);
            List<String> written = CountedQueries.written();
            if (written.size() > before) {
                wrote.put(path, written.subList(before, written.size()));
            }
            links(path, page.body()).stream().filter(seen::add).forEach(open::add);
        }
        assertThat(wrote).isEmpty();
        assertThat(ofKind.keySet()).as("addresses of many kinds").hasSizeGreaterThan(60);
    }

    private static String kind(String path) {
        return path.replaceAll("/species/[^/?]+", "/species/X").replaceAll("[0-9]+|=[^&]*", "N");
    }

    private static List<String> links(String path, String body) {
        Matcher m = LINK.matcher(body);
        return m.results()
                .map(r -> r.group(1).replace("&amp;", "&").replace(" ", "%20"))
                .map(link -> URI.create(Pelluna.url() + path).resolve(link))
                .map(uri -> uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery()))
                .toList();
    }
}
