package pelluna.app.shop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.species.Paths;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.AtTheShop;
import pelluna.core.names.FishNames;
import pelluna.core.search.Special;
import pelluna.core.shop.Says;
import pelluna.core.shop.Shop;
import pelluna.core.shop.ShopAnswer;
import pelluna.words.Words;

/**
 * What a phone keeps of a tank for the shop: every species with its answer. Texts stand once and are pointed at by
 * their place.
 *
 * @param places of quarantine
 */
record CardFile(int places, List<String> texts, List<Fish> fish) {
    /**
     * A species. Numbers are places: of texts, or of fish.
     *
     * @param name    as a title
     * @param path    of its page
     * @param file    of its picture
     * @param words   by which it is found
     * @param sold    how seldom shops have it, from 0
     * @param says    the word of the answer
     * @param mustBe  what would have to be so
     * @param from    when it may be bought, as said; −1 where that is today or never
     * @param rest    days until the next may come after it
     * @param special what is special of it, for where it is named instead of another
     */
    record Fish(
            String name,
            String path,
            String file,
            String words,
            int sold,
            int sizes,
            String says,
            int main,
            List<Integer> mustBe,
            int from,
            int rest,
            List<Integer> look,
            List<Integer> ask,
            List<Integer> instead,
            int special) {}

    /** Texts, each once. */
    private static final class Texts {
        private final Map<String, Integer> places = new LinkedHashMap<>();

        private int of(String text) {
            return places.computeIfAbsent(text, t -> places.size());
        }

        private List<Integer> of(List<String> all) {
            return all.stream().map(this::of).toList();
        }

        private List<String> all() {
            return List.copyOf(places.keySet());
        }
    }

    static CardFile of(Shop shop, Catalogue all, FishNames names, Words say) {
        Texts texts = new Texts();
        List<Species> species = all.all();
        Map<Species, Integer> places = new LinkedHashMap<>();
        species.forEach(s -> places.put(s, places.size()));
        List<Fish> fish = new ArrayList<>();
        for (Species s : species) {
            ShopAnswer a = shop.of(s);
            AtTheShop short3 = AtTheShop.inShort(s, all);
            List<Species> instead = a.says() == Says.YES ? List.of() : shop.insteadOf(s, species);
            fish.add(new Fish(
                    say.title(s),
                    Paths.of(s),
                    FishDrawing.href(s),
                    String.join(" ", names.wordsOf(s)),
                    s.sold().ordinal(),
                    texts.of(say.text(
                            "page.shop.sizes",
                            say.length(s.usualShopCm()),
                            say.length(s.size().usualCm()))),
                    a.says().word(),
                    texts.of(Shortly.said(a.main(), say)),
                    texts.of(a.mustBe().stream().map(say::of).toList()),
                    a.says() == Says.NOT_TODAY
                            ? texts.of(say.text(
                                    "page.shop.from", a.day().orElseThrow().buy()))
                            : -1,
                    shop.restAfter(s),
                    texts.of(lines(short3.look(), say)),
                    texts.of(lines(short3.ask(), say)),
                    instead.stream().map(places::get).toList(),
                    texts.of(Special.of(s, shop.plan().tank(), shop.plan().stance()).stream()
                            .findFirst()
                            .map(say::of)
                            .orElse(""))));
        }
        return new CardFile(shop.plan().tank().quarantinePlaces(), texts.all(), fish);
    }

    private static List<String> lines(List<AtTheShop.Line> lines, Words say) {
        return lines.stream().map(l -> say.of(l.says())).toList();
    }
}
