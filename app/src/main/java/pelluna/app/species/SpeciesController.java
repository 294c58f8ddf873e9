package pelluna.app.species;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.limits.Takes;
import pelluna.app.overrides.FactOverrideEdits;
import pelluna.app.overrides.FactOverrideEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.PlanJson;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.CatalogueProblem;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.AtTheShop;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.search.Answer;
import pelluna.core.search.Found;
import pelluna.core.search.Special;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;

/**
 * The catalogue, always read for one tank: search, every fish drawn, a page a species, and two or three side by side.
 */
@Controller
class SpeciesController {
    /** Rows shown at first; the rest comes on demand. */
    private static final int FIRST = 24;

    private final TankPlans plans;
    private final Shells shells;
    private final KeeperCatalogue catalogue;
    private final FactOverrideEdits ownWord;
    private final SideBySide sideBySide;
    private final ByOthers byOthers;

    SpeciesController(
            TankPlans plans,
            Shells shells,
            KeeperCatalogue catalogue,
            FactOverrideEdits ownWord,
            SideBySide sideBySide,
            ByOthers byOthers) {
        this.plans = plans;
        this.shells = shells;
        this.catalogue = catalogue;
        this.ownWord = ownWord;
        this.sideBySide = sideBySide;
        this.byOthers = byOthers;
    }

    /** A line of what was found. */
    record Row(Found found, String path, String adult, String main) {}

    @GetMapping("/tanks/{id}/species")
    String list(
            OwnedTank tank,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String fit,
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String size,
            @RequestParam(defaultValue = "") String origin,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        OpenTank opened = plans.open(tank);
        Answer answer = catalogue
                .search()
                .ask(q, opened.singles(), Phrasebook.of(opened.say().language()));
        Facets facets = new Facets(fit, group, size, origin);
        List<Found> found = facets.narrow(answer.found());
        List<Row> rows = found.stream()
                .limit(all ? Long.MAX_VALUE : FIRST)
                .map(f -> row(f, opened))
                .toList();
        long fits = found.stream()
                .filter(f -> f.verdict().outcome() == Verdict.Outcome.FITS)
                .count();
        shells.around(
                model,
                opened,
                "species",
                opened.say().text("page.species.species"),
                opened.say()
                        .text(
                                "page.species.ofSpeciesFitAsItIsBest",
                                found.size(),
                                catalogue.get().all().size(),
                                fits,
                                opened.tank().name()));
        model.addAttribute("q", q);
        model.addAttribute("facets", facets);
        model.addAttribute("kinds", facets.kinds(answer.found(), opened.say()));
        model.addAttribute("answer", answer);
        model.addAttribute("rows", rows);
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("more", found.size() - rows.size());
        model.addAttribute(
                "near",
                answer.found().isEmpty()
                        ? catalogue.names().resolve(q).species().stream()
                                .limit(5)
                                .map(plans.words()::of)
                                .toList()
                        : List.of());
        model.addAttribute("beside", sideBySide.of(tank).size());
        return "species-list";
    }

    private static Row row(Found f, OpenTank opened) {
        return new Row(
                f,
                Paths.of(f.species()),
                opened.say().length(f.species().size().usualCm()),
                f.verdict()
                        .stop()
                        .map(x -> opened.say().of(x.reason()))
                        .or(() -> f.verdict().findings().stream()
                                .max(Comparator.comparing(Finding::step))
                                .map(x -> opened.say().title(x.step()) + ": "
                                        + opened.say().of(x.reason())))
                        .orElseGet(() -> special(f.species(), opened)));
    }

    /** What is special about one that nothing stops. */
    private static String special(Species s, OpenTank opened) {
        String says = Special.of(s, opened.plan().tank(), opened.plan().stance()).stream()
                .map(opened.say()::of)
                .collect(Collectors.joining(" · "));
        return says.isEmpty() ? opened.say().text("page.species.noRuleHasAnythingAgainstOfThem") : says;
    }

    @GetMapping("/tanks/{id}/species/all")
    String sheet(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Map<String, List<Species>> families = catalogue.get().all().stream()
                .collect(Collectors.groupingBy(Species::family, TreeMap::new, Collectors.toList()));
        Map<String, String> fish = new HashMap<>();
        families.forEach((name, family) -> fish.put(name, FishSheet.of(family, opened)));
        shells.around(
                model,
                opened,
                "species",
                opened.say().text("page.species.allFish"),
                opened.say()
                        .text(
                                "page.species.speciesInFamiliesEachWithWhat",
                                catalogue.get().all().size(),
                                families.size(),
                                opened.tank().name()));
        model.addAttribute("families", families);
        model.addAttribute("fish", fish);
        model.addAttribute("beside", sideBySide.of(tank).size());
        return "species-all";
    }

    @GetMapping("/tanks/{id}/species/{path}")
    String one(OwnedTank tank, @PathVariable String path, @RequestParam(defaultValue = "") String change, Model model) {
        return page(tank, find(path), model, change, Map.of());
    }

    /** @param change the fact whose form is asked for, or none */
    private String page(OwnedTank tank, Species s, Model model, String change, Map<String, FactEdit> typed) {
        OpenTank opened = plans.open(tank);
        Verdict v = opened.singles().of(s);
        List<FactSheet.Line> lines = new FactSheet(s, opened.say()).lines();
        shells.around(model, opened, "species", opened.say().title(s), "");
        model.addAttribute("species", s);
        model.addAttribute("path", Paths.of(s));
        model.addAttribute("drawing", ToScale.of(s, opened.plan().tank(), opened.say()));
        model.addAttribute("facts", lines);
        model.addAttribute("edits", edits(s, typed));
        model.addAttribute("change", change);
        model.addAttribute("roomFacts", List.of("volume", "group-volume", "run", "room-dispute"));
        model.addAttribute("nameFacts", List.of("names", "local", "synonyms", "sold", "group"));
        model.addAttribute("film", PlanJson.MAPPER.writeValueAsString(GrowthFilm.of(s, opened.say())));
        model.addAttribute("looks", Looks.of(s, opened.say()));
        model.addAttribute("lookFacts", List.of("look", "young", "varieties"));
        model.addAttribute("shopFacts", List.of("buying", "confused"));
        model.addAttribute("own", catalogue.shipped().find(s.scientificName()).isEmpty());
        model.addAttribute("schools", SchoolsDrawing.of(s, opened));
        model.addAttribute("verdict", v);
        model.addAttribute(
                "findings",
                v.findings().stream()
                        .filter(f -> f.rule() != RuleName.COMPANY)
                        .sorted(Comparator.comparing(Finding::step).reversed())
                        .toList());
        model.addAttribute("neighbours", Neighbours.of(s, opened.singles(), opened.say()));
        model.addAttribute("byOthers", byOthers.of(s, opened.say()));
        model.addAttribute("shop", AtTheShop.of(s, catalogue.get()));
        model.addAttribute("alike", lookAlikes(s));
        model.addAttribute("others", opened.say().names(s).stream().skip(1).collect(Collectors.joining(", ")));
        model.addAttribute("elsewhere", opened.say().namesElsewhere(s));
        model.addAttribute("beside", sideBySide.of(tank).size());
        model.addAttribute("kept", sideBySide.of(tank).contains(s));
        return "species";
    }

    /** A look-alike with its page, where Pelluna knows it. */
    record Alike(Species.LookAlike is, String path, String name) {}

    private List<Alike> lookAlikes(Species s) {
        return s.appearance().confusedWith().stream()
                .map(l -> catalogue
                        .get()
                        .find(l.name())
                        .map(o -> new Alike(l, Paths.of(o), plans.words().of(o)))
                        .orElse(new Alike(l, "", l.name())))
                .toList();
    }

    private Map<String, FactEdit> edits(Species s, Map<String, FactEdit> typed) {
        Map<String, FactOverrideEntity> own = ownWord.on(s.scientificName());
        Map<String, Fact> ours =
                catalogue.shipped().find(s.scientificName()).map(Species::facts).orElse(Map.of());
        Map<String, FactEdit> edits = new LinkedHashMap<>();
        for (FactForm form : FactForms.all()) {
            Fact now = s.facts().get(form.key());
            FactOverrideEntity word = own.get(form.key());
            edits.put(
                    form.key(),
                    typed.getOrDefault(
                            form.key(),
                            FactEdit.of(
                                    form,
                                    Optional.ofNullable(now),
                                    ours.containsKey(form.key())
                                            ? ours.get(form.key()).value()
                                            : "",
                                    word == null ? "" : word.value(),
                                    word == null ? "" : word.why())));
        }
        return edits;
    }

    @PostMapping("/tanks/{id}/species/{path}/own/{fact}")
    String say(
            OwnedTank tank,
            @PathVariable String path,
            @PathVariable String fact,
            @Takes({"why", "*"}) @RequestParam Map<String, String> posted,
            Model model,
            HttpServletResponse response) {
        plans.tank(tank);
        Species s = find(path);
        FactForm form = FactForms.of(fact).orElseThrow(NoSuchTankException::new);
        Map<String, String> values = FactEdit.posted(form, posted);
        String why = posted.getOrDefault("why", "").trim();
        try {
            ownWord.say(new FactOverrides.FactOverride(s.scientificName(), fact, form.write(values)), why);
            return "redirect:/tanks/" + tank + "/species/" + Paths.of(s) + "#" + fact;
        } catch (CatalogueException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String ours = catalogue
                    .shipped()
                    .find(s.scientificName())
                    .map(o -> o.facts().get(fact))
                    .map(Fact::value)
                    .orElse("");
            return page(
                    tank,
                    s,
                    model,
                    fact,
                    Map.of(
                            fact,
                            FactEdit.typed(
                                    form,
                                    values,
                                    ours,
                                    "",
                                    why,
                                    plans.words().sentences(CatalogueProblem.brief(e.problems())))));
        }
    }

    @PostMapping("/tanks/{id}/species/{path}/own/{fact}/undo")
    String undo(
            OwnedTank tank,
            @PathVariable String path,
            @PathVariable String fact,
            @RequestParam(defaultValue = "") String from) {
        plans.tank(tank);
        Species s = find(path);
        ownWord.takeBack(s.scientificName(), fact);
        return "redirect:/tanks/" + tank + (from.equals("own") ? "/my-facts" : "/species/" + Paths.of(s) + "#" + fact);
    }

    private Species find(String path) {
        return catalogue.get().find(Paths.name(path)).orElseThrow(NoSuchTankException::new);
    }
}
