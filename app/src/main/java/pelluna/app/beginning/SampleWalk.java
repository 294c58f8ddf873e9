package pelluna.app.beginning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.app.planning.OpenTank;
import pelluna.core.arrivals.Dated;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** A walk through a tank: what Pelluna says of it, place by place, each with the way there. */
final class SampleWalk {
    private SampleWalk() {}

    /**
     * A stop.
     *
     * @param place title of the page that it leads to
     * @param says  what is to be seen there, of this very tank
     * @param who   a fish that it is about; empty without
     */
    record Stop(String place, String says, String href, Optional<Species> who) {}

    static List<Stop> of(OpenTank opened) {
        Words say = opened.say();
        String base = "/tanks/" + opened.owned();
        SoFar soFar = SoFar.of(opened);
        List<Stop> stops = new ArrayList<>();
        stops.add(new Stop(
                say.text("page.layout.tank"),
                say.text(
                        "page.beginning.walkTankSays",
                        say.length(opened.plan().tank().lengthCm()),
                        say.volume(opened.plan().tank().glassLitres()),
                        opened.plan().residents()),
                base + "/tank",
                opened.plan().residents().stream().map(Party::species).findFirst()));
        stops.add(new Stop(
                say.text("page.layout.wishes"),
                soFar.out().stream()
                        .findFirst()
                        .map(o -> say.text("page.beginning.walkWishesOut", soFar.together(), o.name(), o.says()))
                        .orElse(soFar.together()),
                base + "/wish-list",
                soFar.out().stream().map(SoFar.Step::species).findFirst()));
        List<Dated> order = opened.assessment().arrivals().steps();
        if (!order.isEmpty()) {
            Dated first = order.get(0);
            stops.add(new Stop(
                    say.text("page.layout.arrivals"),
                    say.text(
                            "page.beginning.walkArrivalsSays",
                            first.arrival().parties(),
                            first.releaseOn(),
                            order.get(order.size() - 1).releaseOn()),
                    base + "/arrivals",
                    first.arrival().parties().stream().map(Party::species).findFirst()));
        }
        stops.add(new Stop(
                say.text("page.layout.reefscape"),
                say.text("page.beginning.walkReefSays"),
                base + "/reefscape",
                Optional.empty()));
        stops.add(new Stop(
                say.text("page.shop.place"),
                say.text("page.beginning.walkShopSays"),
                base + "/shop-card",
                Optional.empty()));
        return stops;
    }
}
