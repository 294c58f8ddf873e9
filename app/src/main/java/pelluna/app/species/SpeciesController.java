package pelluna.app.species;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import pelluna.app.drawing.FishDrawing;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.planning.Desk;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Sieve;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.English;

/** The catalogue, always read for one tank: search, and a page a species. */
@Controller
class SpeciesController {
    private final PlanDesk desks;
    private final Shells shells;
    private final KeeperCatalogue catalogue;

    SpeciesController(PlanDesk desks, Shells shells, KeeperCatalogue catalogue) {
        this.desks = desks;
        this.shells = shells;
        this.catalogue = catalogue;
    }

    /** A line of the list. */
    record Row(Species species, String fish, String adult, Verdict verdict, String main, String path) { }

    @GetMapping("/tanks/{id}/species")
    String list(@PathVariable long id, @RequestParam(defaultValue = "") String q, Model model) {
        Desk desk = desks.open(id);
        List<Species> found = catalogue.get().search(q);
        List<Row> rows = new ArrayList<>();
        for (Species s : found) {
            Verdict v = Sieve.sift(desk.plan(), single(s, desk), desk.say());
            rows.add(new Row(s, FishDrawing.alone(s, 58, "c" + rows.size()), desk.say().length(s.size().usualCm()), v,
                v.stop().map(Finding::reason).orElse(""), path(s)));
        }
        rows.sort(Comparator.comparing((Row r) -> r.species().group(), String.CASE_INSENSITIVE_ORDER).thenComparing(r -> r.verdict().outcome()).thenComparing(r -> r.species().name()));
        int fits = (int) rows.stream().filter(r -> r.verdict().outcome() == Verdict.Outcome.FITS).count();
        shells.around(model, desk, "species", "Species", q.isBlank() ? rows.size() + " species; " + fits + " fit " + desk.tank().name() + " as it is."
            : English.capital(English.count(rows.size(), "species", "species")) + " for '" + q + "', " + fits + " of them fit as the tank is.");
        model.addAttribute("q", q);
        model.addAttribute("rows", rows);
        model.addAttribute("near", rows.isEmpty() ? catalogue.get().nearest(q, 5) : List.of());
        return "species-list";
    }

    @GetMapping("/tanks/{id}/species/{path}")
    String one(@PathVariable long id, @PathVariable String path, Model model) {
        Desk desk = desks.open(id);
        Species s = catalogue.get().find(path.replace('-', ' ')).orElseThrow(NoSuchTankException::new);
        Verdict v = Sieve.sift(desk.plan(), single(s, desk), desk.say());
        shells.around(model, desk, "species", English.capital(s.name()), "");
        model.addAttribute("species", s);
        model.addAttribute("drawing", ToScale.of(s, desk.plan().tank(), desk.say()));
        model.addAttribute("facts", new FactSheet(s, desk.say()).lines());
        model.addAttribute("schools", SchoolsDrawing.of(s, desk));
        model.addAttribute("verdict", v);
        model.addAttribute("findings", v.findings().stream().sorted(Comparator.comparing(Finding::step).reversed()).toList());
        model.addAttribute("others", String.join(", ", s.commonNames().subList(1, s.commonNames().size())));
        return "species";
    }

    private static Party single(Species s, Desk desk) {
        return new Party("single", s, 1, s.usualShopCm(), desk.plan().startOn(), desk.plan().startOn(), 3, false);
    }

    private static String path(Species s) {
        return s.scientificName().replace(' ', '-');
    }
}
