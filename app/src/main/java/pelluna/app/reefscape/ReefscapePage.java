package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.core.advice.Advice;
import pelluna.core.advice.Option;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.GoodCompany;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.outlook.Press;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Shares;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** What the Reefscape says in words, for one day and whatever is chosen. */
@Component
class ReefscapePage {
    /** Lines of tension beside the drawing; the others are one link away. */
    private static final int MOST_LINES = 6;

    /** Pairs shown at first; the rest comes on demand. */
    private static final int FIRST_PAIRS = 60;

    private final KeeperCatalogue catalogue;

    ReefscapePage(KeeperCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** One line of tension. */
    record Line(String key, String aggressor, String target, double index, Step step, boolean chosen) {}

    /** A chosen pair, explained. */
    record Pair(Press press, Tension tension, List<Shares.Share> shares) {}

    /** An option with the text that its button sends. */
    record Offer(Option option, String attempt) {}

    /** A chosen fish on its day. */
    record Fish(
            Presence presence,
            double lengthCm,
            List<Line> presses,
            List<Line> pressed,
            List<Change> ahead,
            List<String> measured) {}

    /** What the keeper has chosen: a pair, a fish, or nothing. */
    record Chosen(Optional<Pair> pair, Optional<Fish> fish) {
        public String key() {
            return pair.map(p -> ReefscapePage.key(p.press()))
                    .or(() -> fish.map(f -> f.presence().party().id()))
                    .orElse("");
        }
    }

    static String key(Press p) {
        return p.aggressor().party().id() + "~" + p.target().party().id();
    }

    /** The pair or fish asked for; else the hardest pair that is drawn. */
    Chosen chosen(ReefscapeViews.View view, LocalDate day, String pair, String fish, int arrowsFrom) {
        Outlook outlook = view.outlook();
        Optional<Presence> one = outlook.find(fish).filter(p -> !p.from().isAfter(day));
        if (one.isPresent()) {
            return new Chosen(Optional.empty(), one.map(p -> fish(view, p, day)));
        }
        List<Press> presses = outlook.presses(day);
        return new Chosen(
                presses.stream()
                        .filter(p -> key(p).equals(pair))
                        .findFirst()
                        .or(() -> presses.stream().findFirst().filter(p -> p.index() >= Math.max(1, arrowsFrom)))
                        .map(p -> explain(outlook, p, day)),
                Optional.empty());
    }

    private static Pair explain(Outlook outlook, Press p, LocalDate day) {
        Tension tension = outlook.explain(p.aggressor(), p.target(), day);
        return new Pair(p, tension, Shares.of(tension));
    }

    /** What would calm a pair, calmest first. */
    List<Offer> offers(ReefscapeViews.View view, Press p, LocalDate day) {
        return new Advice(view.opened().assessment(), view.outlook(), catalogue.get())
                .lower(p.aggressor(), p.target(), day).stream()
                        .map(o -> new Offer(o, AttemptText.write(o.attempt())))
                        .toList();
    }

    private static Fish fish(ReefscapeViews.View view, Presence p, LocalDate day) {
        String id = p.party().id();
        List<Press> all = view.outlook().presses(day);
        return new Fish(
                p,
                p.party().lengthOn(day),
                all.stream()
                        .filter(x -> x.aggressor().party().id().equals(id))
                        .limit(4)
                        .map(x -> line(x, "", view.opened().say()))
                        .toList(),
                all.stream()
                        .filter(x -> x.target().party().id().equals(id))
                        .limit(4)
                        .map(x -> line(x, "", view.opened().say()))
                        .toList(),
                view.changes().stream()
                        .filter(c -> c.about().contains(id) && c.on().isAfter(day))
                        .limit(4)
                        .toList(),
                measured(view, p));
    }

    /** '6.5 cm on 3 May 2026', as its row has them. */
    private static List<String> measured(ReefscapeViews.View view, Presence p) {
        int i = view.opened().plan().residents().indexOf(p.party());
        return i < 0
                ? List.of()
                : view.opened().residents().get(i).lengths().stream()
                        .map(m -> view.opened()
                                .say()
                                .text("page.reefscape.on", view.opened().say().length(m.cm()), m.on()))
                        .toList();
    }

    private static Line line(Press p, String chosen, Words say) {
        return new Line(
                key(p),
                say.of(p.aggressor().party().species()),
                say.of(p.target().party().species()),
                p.index(),
                p.step(),
                key(p).equals(chosen));
    }

    String sentence(ReefscapeViews.View view, LocalDate day) {
        List<Presence> there = view.outlook().on(day);
        if (there.isEmpty()) {
            return view.opened().say().text("page.reefscape.nobodyLivesHereYetOn", day);
        }
        int fish = there.stream().mapToInt(p -> p.party().count()).sum();
        long hard = pairs(view.outlook().presses(day).stream()
                .filter(p -> p.step().atLeast(Step.CHOP))
                .toList());
        String pairs = hard == 0
                ? view.opened().say().text("page.reefscape.noPairAboveRipple")
                : view.opened()
                        .say()
                        .text("page.reefscape.toPlanFor", view.opened().say().text("page.reefscape.pairs", (int) hard));
        List<String> placeless = view.outlook().grounds().placeless().stream()
                .filter(p -> there.stream().anyMatch(t -> t.party().id().equals(p.id())))
                .map(p -> view.opened().say().text("page.reefscape.the", p.species()))
                .toList();
        Words say = view.opened().say();
        return placeless.isEmpty()
                ? say.text("page.reefscape.fishOnADay", fish, day, pairs)
                : say.text("page.reefscape.fishOnADayAndPlaceless", fish, day, pairs, placeless.size(), placeless);
    }

    /** Two who press each other count once. */
    static long pairs(List<Press> presses) {
        Set<Set<String>> seen = new HashSet<>();
        presses.forEach(p ->
                seen.add(Set.of(p.aggressor().party().id(), p.target().party().id())));
        return seen.size();
    }

    void fill(Model model, ReefscapeViews.View view, LocalDate day, Chosen chosen, int arrowsFrom) {
        List<Press> presses = view.outlook().presses(day);
        List<Press> drawn = presses.stream()
                .filter(p -> p.index() >= Math.max(1, arrowsFrom))
                .toList();
        List<Line> lines = new ArrayList<>(drawn.stream()
                .limit(MOST_LINES)
                .map(p -> line(p, chosen.key(), view.opened().say()))
                .toList());
        chosen.pair()
                .filter(c -> lines.stream().noneMatch(l -> l.key().equals(chosen.key())))
                .ifPresent(c ->
                        lines.add(line(c.press(), chosen.key(), view.opened().say())));
        model.addAttribute("lines", lines);
        model.addAttribute("more", Math.max(0, drawn.size() - MOST_LINES));
        model.addAttribute(
                "below",
                presses.stream()
                        .filter(p -> p.index() < Math.max(1, arrowsFrom))
                        .findFirst()
                        .map(p -> line(p, "", view.opened().say()))
                        .orElse(null));
        model.addAttribute("pairCount", presses.size());
        model.addAttribute("chosen", chosen);
        model.addAttribute("day", day);
        model.addAttribute("arrowsFrom", arrowsFrom);
        model.addAttribute("view", view);
        model.addAttribute(
                "ahead",
                view.changes().stream().filter(c -> !c.on().isBefore(day)).toList());
        model.addAttribute(
                "passed",
                view.changes().stream().filter(c -> c.on().isBefore(day)).toList());
        model.addAttribute("good", good(view, day));
        model.addAttribute(
                "left",
                view.opened().assessment().bestSet().leave().keySet().stream()
                        .map(p -> view.opened().say().of(p.species()))
                        .toList());
        model.addAttribute("sieve", sieve(view));
        model.addAttribute("words", new ReefWords(view.opened().say()));
        model.addAttribute("there", view.outlook().on(day));
        model.addAttribute("steps", Step.values());
        model.addAttribute("axis", TimeAxis.draw(view, day));
    }

    /** 'Of seven wishes, four fit this tank as it is drawn, two fit if something changes, one does not.' */
    private static String sieve(ReefscapeViews.View view) {
        List<Verdict> all = view.opened().assessment().sieve();
        if (all.isEmpty()) {
            return view.opened().say().text("page.reefscape.noWishesYet");
        }
        int[] n = new int[Verdict.Outcome.values().length];
        all.forEach(v -> n[v.outcome().ordinal()]++);
        return view.opened()
                .say()
                .text(
                        "page.reefscape.ofWishesFitThisTankAsIt",
                        all.size(),
                        n[Verdict.Outcome.FITS.ordinal()],
                        n[Verdict.Outcome.FITS_IF.ordinal()],
                        n[Verdict.Outcome.NOT_IN_THIS_TANK.ordinal()]);
    }

    /** @param all every pair; else the first, hardest ones */
    void fillPairs(Model model, ReefscapeViews.View view, LocalDate day, boolean all) {
        List<Press> presses = view.outlook().presses(day);
        int shown = all ? presses.size() : Math.min(presses.size(), FIRST_PAIRS);
        model.addAttribute("say", view.opened().say());
        model.addAttribute("words", new ReefWords(view.opened().say()));
        model.addAttribute("day", day);
        model.addAttribute("view", view);
        model.addAttribute(
                "pairs",
                presses.subList(0, shown).stream()
                        .map(p -> explain(view.outlook(), p, day))
                        .toList());
        model.addAttribute("more", presses.size() - shown);
        model.addAttribute("good", good(view, day));
        model.addAttribute("eaten", view.outlook().eaten());
    }

    private static List<GoodCompany> good(ReefscapeViews.View view, LocalDate day) {
        List<String> there =
                view.outlook().on(day).stream().map(p -> p.party().id()).toList();
        return view.good().stream().filter(g -> there.containsAll(g.about())).toList();
    }
}
