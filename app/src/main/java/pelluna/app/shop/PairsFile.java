package pelluna.app.shop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.catalogue.Species;
import pelluna.core.shop.Bag;
import pelluna.core.shop.Says;
import pelluna.core.shop.Shop;
import pelluna.core.shop.Together;
import pelluna.words.Words;

/**
 * Every two that may live in a tank, as a phone keeps them.
 *
 * @param fish  their places in the card file, ascending
 * @param told  what is said of pairs
 * @param pairs for each fish, with each up to itself in the list: the place in what is told, as a character from '0' on
 */
record PairsFile(List<Integer> fish, List<Told> told, String pairs) {
    /**
     * What is said of a pair.
     *
     * @param step  0 calm to 3
     * @param first which had better come first: 1 that of the lower place, 2 the other, 0 either
     */
    record Told(int step, String text, int first) {}

    static PairsFile of(Shop shop, List<Species> all, Words say) {
        Bag bag = new Bag(shop.plan());
        Map<Told, Integer> told = new LinkedHashMap<>();
        List<Integer> fish = new ArrayList<>();
        StringBuilder pairs = new StringBuilder();
        for (int i = 0; i < all.size(); i++) {
            if (shop.of(all.get(i)).says() == Says.NOT_THIS_ONE) {
                continue;
            }
            fish.add(i);
            for (int j : fish) {
                Told pair = told(bag.of(all.get(j), all.get(i)), all.get(j), say);
                pairs.append((char) ('0' + told.computeIfAbsent(pair, p -> told.size())));
            }
        }
        return new PairsFile(fish, List.copyOf(told.keySet()), pairs.toString());
    }

    private static Told told(Together t, Species lower, Words say) {
        return new Told(
                t.step().ordinal(),
                say.of(t.why()),
                t.first().map(f -> f.equals(lower) ? 1 : 2).orElse(0));
    }
}
