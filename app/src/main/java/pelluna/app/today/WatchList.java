package pelluna.app.today;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.behaviour.Behaviours;
import pelluna.app.fish.Fish;
import pelluna.app.health.HealthBoard;
import pelluna.app.introduction.Introductions;
import pelluna.app.planning.OpenTank;
import pelluna.core.behaviour.RateChange;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Whom to watch: fish under pressure, those that do not eat, those with a sign, those that are missing. */
@Component
class WatchList {
    private static final int MOST = 8;

    private final Behaviours behaviour;
    private final Introductions introductions;

    WatchList(Behaviours behaviour, Introductions introductions) {
        this.behaviour = behaviour;
        this.introductions = introductions;
    }

    List<Item> of(OpenTank opened, List<Fish> there, List<Introductions.Coming> coming, HealthBoard.All health) {
        OwnedTank tank = opened.owned();
        String base = "/tanks/" + tank;
        List<Item> items = new ArrayList<>();
        Set<Long> shown = new HashSet<>();
        for (Behaviours.Pressed p : behaviour.pressed(tank, there)) {
            boolean newcomer =
                    coming.stream().anyMatch(c -> c.fish().id() == p.fish().id());
            if ((p.hard() || newcomer) && shown.add(p.fish().id())) {
                Step step = p.hard() ? p.trend().way() == RateChange.Way.CALMER ? Step.RIPPLE : Step.CHOP : Step.RIPPLE;
                items.add(new Item(
                        "pressed-" + p.fish().id(),
                        "",
                        false,
                        step,
                        p.hard()
                                ? opened.say()
                                        .text(
                                                "page.today.isPressed",
                                                p.fish().said(),
                                                opened.say().of(p.trend().course()))
                                : opened.say()
                                        .text(
                                                "page.today.isNewAndWasPressedLately",
                                                p.fish().said(),
                                                opened.say().of(p.trend().course())),
                        opened.say().title(p.says()) + "." + (p.hard() ? pull(opened, p.fish(), health) : ""),
                        p.spark(),
                        Item.Button.to(
                                opened.say().text("page.today.whatToDo"),
                                base + "/log/bullied/" + p.fish().id()),
                        Item.picture(p.fish().species())));
            }
        }
        health.fasting().forEach(m -> items.add(mind("fasts-", m, base, opened.say())));
        health.signs().stream()
                .filter(m -> m.step().atLeast(Step.CHOP))
                .forEach(m -> items.add(mind("sign-", m, base, opened.say())));
        there.stream()
                .filter(Fish::missing)
                .forEach(f -> items.add(Item.of(
                                "missing-" + f.id(),
                                "",
                                false,
                                Step.CHOP,
                                opened.say().text("page.today.isMissingNow", f.said()),
                                opened.say().text("page.today.behindTheRockInTheOverflowIn"),
                                Item.Button.to(opened.say().text("page.today.foundOrGivenUp"), base + "/losses"))
                        .with(f.species())));
        for (Introductions.Coming c : coming) {
            if (!shown.contains(c.fish().id()) && !c.inTheBox()) {
                items.add(Item.of(
                                "new-" + c.id(),
                                "",
                                false,
                                Step.CALM,
                                opened.say()
                                        .text(
                                                "page.today.isNew",
                                                c.fish().said(),
                                                c.settling().course()),
                                opened.say().of(c.settling().counts()) + ".",
                                Item.Button.to(
                                        opened.say().text("page.today.howItGoes"),
                                        base + "/log/introducing?which=" + c.id()))
                        .with(c.fish().species()));
            }
        }
        items.sort(Comparator.comparing(Item::step).reversed());
        return items.subList(0, Math.min(MOST, items.size()));
    }

    private String pull(OpenTank opened, Fish f, HealthBoard.All health) {
        List<String> met = introductions.pull(opened, f, health.notes());
        return met.isEmpty() ? "" : opened.say().text("page.today.takeItOut", String.join(" ", met));
    }

    private static Item mind(String key, HealthBoard.Mind m, String base, Words say) {
        return Item.of(
                        key + m.fish().id(),
                        "",
                        false,
                        m.step(),
                        m.says(),
                        m.means(),
                        Item.Button.to(say.text("page.today.health"), base + "/log/health"))
                .with(m.fish().species());
    }
}
