package pelluna.app.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.app.species.Paths;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.names.FishList;
import pelluna.core.shop.Says;
import pelluna.core.shop.Shop;
import pelluna.core.shop.ShopAnswer;
import pelluna.words.Words;

/**
 * A list of fish with what Pelluna says of each.
 *
 * @param judged  those that were understood, the best answer first
 * @param unclear those that want a choice, or that nobody understands
 */
record StockLines(List<Judged> judged, List<Unclear> unclear) {
    private static final int CHOICES = 12;

    /** What is chosen for a line by hand: its species, or that it is none. */
    static final String NONE = "none";

    /**
     * A fish of the list.
     *
     * @param word of the answer
     * @param as   how the line was read, where it does not say the name itself
     */
    record Judged(
            Species species,
            String name,
            String path,
            String typed,
            int count,
            String price,
            String word,
            String says,
            String main,
            boolean ticked) {}

    /** A choice for a line. */
    record Choice(String value, String name) {}

    /** A line that was not understood. @param field of the form */
    record Unclear(String field, String typed, List<Choice> choices) {}

    /** @param chosen by field */
    static StockLines of(
            List<FishList.Entry> entries, Map<String, String> chosen, Catalogue all, Shop shop, Words say) {
        List<Judged> judged = new ArrayList<>();
        List<Unclear> unclear = new ArrayList<>();
        Map<Integer, Integer> onLine = new HashMap<>();
        for (FishList.Entry e : entries) {
            String field = "line" + e.line() + "-" + onLine.merge(e.line(), 1, Integer::sum);
            String by = chosen.getOrDefault(field, "");
            Optional<Species> s = by.isEmpty() ? e.one() : all.find(by);
            if (s.isPresent()) {
                judged.add(judged(e, s.get(), shop.of(s.get()), say));
            } else if (!by.equals(NONE)) {
                unclear.add(new Unclear(field, e.typed(), choices(e, say)));
            }
        }
        judged.sort(Comparator.comparing((Judged j) -> order(j.word())));
        return new StockLines(List.copyOf(judged), List.copyOf(unclear));
    }

    private static int order(String word) {
        for (Says s : Says.values()) {
            if (s.word().equals(word)) {
                return s.ordinal();
            }
        }
        return Says.values().length;
    }

    private static Judged judged(FishList.Entry e, Species s, ShopAnswer a, Words say) {
        String from = a.says() == Says.NOT_TODAY
                ? " " + say.text("page.shop.from", a.day().orElseThrow().buy())
                : "";
        return new Judged(
                s,
                say.title(s),
                Paths.of(s),
                e.typed(),
                e.count(),
                e.price().isPresent() ? say.fixed(e.price().getAsDouble(), 2) : "",
                a.says().word(),
                say.of(a.says()) + from,
                Shortly.said(a.main(), say),
                a.says() != Says.NOT_THIS_ONE);
    }

    private static List<Choice> choices(FishList.Entry e, Words say) {
        return e.meant().species().stream()
                .limit(CHOICES)
                .map(s -> new Choice(s.scientificName(), say.title(s)))
                .toList();
    }

    /** How many have each answer, in the order of the answers. */
    Map<Says, Long> counts() {
        Map<Says, Long> counts = new EnumMap<>(Says.class);
        for (Says s : Says.values()) {
            counts.put(s, judged.stream().filter(j -> j.word().equals(s.word())).count());
        }
        return counts;
    }
}
