package pelluna.app.rough;

import java.net.URI;
import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.app.testing.Pelluna;

/** Follows every link that pages show, a few of each kind of address. */
final class Crawl {
    private static final Pattern LINK = Pattern.compile("(?:href|src|data-src|data-url)=\"(/[^\"#]*)");

    private final int ofAKind;
    private final Map<String, Integer> kinds = new HashMap<>();

    /** @param ofAKind so many addresses of a kind are read */
    Crawl(int ofAKind) {
        this.ofAKind = ofAKind;
    }

    /** Reads one address. */
    @FunctionalInterface
    interface Reader {
        HttpResponse<String> read(String path);
    }

    /** @return how many kinds of addresses were read */
    int from(List<String> starts, Reader reader) {
        return from(starts, path -> true, reader);
    }

    /** @param within which links are followed */
    int from(List<String> starts, Predicate<String> within, Reader reader) {
        Set<String> seen = new HashSet<>(starts);
        Deque<String> open = new ArrayDeque<>(starts);
        while (!open.isEmpty()) {
            String path = open.poll();
            if (kinds.merge(kind(path), 1, Integer::sum) <= ofAKind) {
                links(path, reader.read(path).body()).stream()
                        .filter(within)
                        .filter(seen::add)
                        .forEach(open::add);
            }
        }
        return kinds.size();
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
