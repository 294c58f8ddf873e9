package pelluna.app.beginning;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.EntryForm;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.wishes.Briefly;
import pelluna.app.wishes.WishEdits;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Species;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.plan.Party;
import pelluna.core.search.Found;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** What somebody would love to have: fish to tap, and beside them what fits together, in which order, from when. */
@Controller
class LovedFishController {
    private static final int SHOWN = 30;

    private final TankPlans plans;
    private final Shells shells;
    private final KeeperCatalogue catalogue;
    private final WishEdits wishes;

    LovedFishController(TankPlans plans, Shells shells, KeeperCatalogue catalogue, WishEdits wishes) {
        this.plans = plans;
        this.shells = shells;
        this.catalogue = catalogue;
        this.wishes = wishes;
    }

    /** A fish to tap. @param says how it would be in this tank, in a few words */
    record Tile(Species species, String says, boolean loved) {}

    @GetMapping("/tanks/{id}/begin/fish")
    String fish(
            OwnedTank tank,
            @RequestParam(defaultValue = "often") String shelf,
            @RequestParam(defaultValue = "") String q,
            Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(
                model,
                opened,
                "begin",
                say.text("page.beginning.whatWouldYouLove"),
                say.text(
                        "page.beginning.tapWhatYouLike",
                        say.length(opened.plan().tank().lengthCm()),
                        say.volume(opened.plan().tank().glassLitres())));
        Set<String> loved = opened.plan().wishes().stream()
                .map(w -> w.species().scientificName())
                .collect(Collectors.toSet());
        Shelf chosen = Named.find(Shelf.class, shelf).orElse(Shelf.OFTEN);
        model.addAttribute(
                "tiles",
                (q.isBlank() ? on(chosen) : called(q, opened))
                        .limit(SHOWN)
                        .map(s -> new Tile(s, says(opened.singles().of(s), say), loved.contains(s.scientificName())))
                        .toList());
        model.addAttribute(
                "shelves",
                Arrays.stream(Shelf.values())
                        .map(s -> new BeginningController.Choice(s.word(), say.of(s), q.isBlank() && s == chosen))
                        .toList());
        model.addAttribute("shelf", chosen.word());
        model.addAttribute("q", q);
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("soFar", SoFar.of(opened));
        return "begin-fish";
    }

    private Stream<Species> on(Shelf shelf) {
        return catalogue.get().all().stream()
                .filter(shelf::holds)
                .sorted(Comparator.comparing(Species::sold)
                        .thenComparing(s -> s.size().usualCm())
                        .thenComparing(Species::scientificName));
    }

    private Stream<Species> called(String q, OpenTank opened) {
        return catalogue
                .search()
                .ask(q, opened.singles(), Phrasebook.of(opened.say().language()))
                .found()
                .stream()
                .map(Found::species);
    }

    private static String says(Verdict v, Words say) {
        return switch (v.outcome()) {
            case FITS -> say.of(v.outcome());
            case FITS_IF -> v.stop().map(f -> Briefly.condition(f, say)).orElse(say.of(v.outcome()));
            case NOT_IN_THIS_TANK -> v.stop().map(f -> Briefly.stops(f, say)).orElse(say.of(v.outcome()));
        };
    }

    /** Puts a fish on the wish list, as many as live together at least; takes it off again. */
    @PostMapping("/tanks/{id}/begin/fish")
    String love(
            OwnedTank tank,
            @RequestParam String species,
            @RequestParam(defaultValue = "often") String shelf,
            @RequestParam(defaultValue = "") String q,
            RedirectAttributes to) {
        Species s = catalogue.get().find(species).orElseThrow(NoSuchTankException::new);
        OpenTank opened = plans.open(tank);
        List<Party> there = opened.plan().wishes().stream()
                .filter(w -> w.species().equals(s))
                .toList();
        if (there.isEmpty()) {
            EntryForm one = EntryForm.wish(
                    Map.of("species", s.scientificName(), "count", Integer.toString(together(s))), opened.say());
            plans.addWish(tank, plans.typed(tank, one));
        } else {
            there.forEach(w -> wishes.remove(tank, Long.parseLong(w.id().substring(1))));
        }
        to.addAttribute("shelf", shelf);
        to.addAttribute("q", q);
        return "redirect:/tanks/" + tank + "/begin/fish";
    }

    private static int together(Species s) {
        return Math.max(s.social().life() == GroupLife.PAIR ? 2 : 1, s.social().least());
    }
}
