package pelluna.app.shop;

import java.util.List;
import pelluna.app.livestock.LivestockEntity;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.shop.Shop;
import pelluna.core.shop.ShopAnswer;
import pelluna.words.Words;

/**
 * A fish that is slept on.
 *
 * @param says what the answer would be, and from when
 * @param id   of its life
 */
record Slept(long id, Species species, String name, String word, String says) {
    static List<Slept> of(List<LivestockEntity> slept, Catalogue catalogue, Shop shop, Words say) {
        return slept.stream()
                .flatMap(l -> catalogue.find(l.species()).stream().map(s -> of(l, s, shop.of(s), say)))
                .toList();
    }

    private static Slept of(LivestockEntity l, Species s, ShopAnswer a, Words say) {
        return new Slept(l.id(), s, say.title(s), a.says().word(), says(a, say));
    }

    private static String says(ShopAnswer a, Words say) {
        return switch (a.says()) {
            case YES -> say.text("page.shop.yesToday");
            case YES_IF -> say.text("page.shop.yesIf", say.of(a.mustBe().get(0)));
            case NOT_TODAY ->
                a.mustBe().isEmpty()
                        ? say.text("page.shop.yesFrom", a.day().orElseThrow().buy())
                        : say.text(
                                "page.shop.yesFromIf",
                                a.day().orElseThrow().buy(),
                                say.of(a.mustBe().get(0)));
            case NOT_THIS_ONE -> say.text("page.shop.notThisOne");
        };
    }
}
