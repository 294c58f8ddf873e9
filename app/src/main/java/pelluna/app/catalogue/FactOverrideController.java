package pelluna.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Takes;
import pelluna.app.limits.Utf8;
import pelluna.app.overrides.FactOverrideEdits;
import pelluna.app.overrides.FactOverrideEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.species.Paths;
import pelluna.app.species.SideBySide;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Species;

/** A keeper's own word as a whole: what was said, species of one's own, and the catalogue in and out as a file. */
@Controller
class FactOverrideController {
    private final TankPlans plans;
    private final Shells shells;
    private final KeeperCatalogue catalogue;
    private final FactOverrideEdits words;
    private final SideBySide sideBySide;

    FactOverrideController(
            TankPlans plans, Shells shells, KeeperCatalogue catalogue, FactOverrideEdits words, SideBySide sideBySide) {
        this.plans = plans;
        this.shells = shells;
        this.catalogue = catalogue;
        this.words = words;
        this.sideBySide = sideBySide;
    }

    /** One fact seen otherwise: what the keeper says and what Pelluna says. */
    record Said(String name, String path, String fact, String value, String ours, String why) {
        public FactForm.FactName named() {
            return FactForm.FactName.of(fact);
        }
    }

    /** A species of one's own. */
    record Own(String name, String scientificName, String path, String like) {}

    @GetMapping("/tanks/{id}/my-facts")
    String page(OwnedTank tank, Model model) {
        return page(tank, model, Map.of(), "", null);
    }

    private String page(OwnedTank tank, Model model, Map<String, String> typed, String error, BringIn preview) {
        List<Own> own = words.species().stream()
                .map(s -> new Own(
                        catalogue
                                .get()
                                .find(s.scientificName())
                                .map(plans.words()::of)
                                .orElse(s.scientificName()),
                        s.scientificName(),
                        Paths.of(s.scientificName()),
                        s.like()))
                .toList();
        List<Said> said = words.facts().stream().map(this::said).toList();
        shells.around(
                model,
                plans.open(tank),
                "species",
                plans.words().text("page.catalogue.yourOwnWord"),
                said.isEmpty() && own.isEmpty()
                        ? plans.words().text("page.catalogue.yourWordCounts")
                        : plans.words().text("page.catalogue.factsAndSpecies", said.size(), own.size()));
        model.addAttribute("own", own);
        model.addAttribute("said", said);
        model.addAttribute("typed", typed);
        model.addAttribute("error", error);
        model.addAttribute("preview", preview);
        model.addAttribute(
                "names",
                catalogue.shipped().all().stream()
                        .map(Species::scientificName)
                        .sorted()
                        .toList());
        model.addAttribute("beside", sideBySide.of(tank).size());
        return "own-word";
    }

    private Said said(FactOverrideEntity f) {
        Species now = catalogue.get().find(f.scientificName()).orElse(null);
        String ours = catalogue
                .shipped()
                .find(f.scientificName())
                .map(s -> s.facts().get(f.fact()))
                .map(x -> x.value())
                .orElse("");
        return new Said(
                now == null ? f.scientificName() : plans.words().of(now),
                Paths.of(f.scientificName()),
                f.fact(),
                f.value(),
                ours,
                f.why());
    }

    @PostMapping("/tanks/{id}/own-species")
    String add(
            OwnedTank tank,
            @Takes({"scientificName", "names", "family", "like"}) @RequestParam Map<String, String> form,
            Model model,
            HttpServletResponse response) {
        plans.tank(tank);
        String name = form.getOrDefault("scientificName", "").trim();
        try {
            String like = form.getOrDefault("like", "").trim();
            Species base = catalogue
                    .shipped()
                    .find(like)
                    .orElseThrow(() -> new CatalogueException(new FactPlace.At("like"), new FileFault.LikeWhat(like)));
            String common = form.getOrDefault("names", "").trim();
            words.add(
                    new FactOverrides.OwnSpecies(
                            name,
                            form.getOrDefault("family", "").isBlank()
                                    ? base.family()
                                    : form.get("family").trim(),
                            base.scientificName()),
                    common.isEmpty() ? name : common);
            return "redirect:/tanks/" + tank + "/species/" + Paths.of(name);
        } catch (CatalogueException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(tank, model, form, plans.words().sentences(e.problems()), null);
        }
    }

    @PostMapping("/tanks/{id}/own-species/{path}/remove")
    String remove(OwnedTank tank, @PathVariable String path) {
        plans.tank(tank);
        words.remove(Paths.name(path));
        return "redirect:/tanks/" + tank + "/my-facts";
    }

    /** Shows what a file would change; nothing is written. */
    @PostMapping("/tanks/{id}/catalogue")
    String look(
            OwnedTank tank,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "look") String act,
            Model model,
            HttpServletResponse response)
            throws IOException {
        plans.tank(tank);
        String given = file != null && !file.isEmpty() ? Utf8.text("file", file.getBytes()) : text;
        Map<String, String> typed = new LinkedHashMap<>(Map.of("text", given));
        try {
            BringIn preview = BringIn.of(given, catalogue.get(), catalogue.shipped());
            if (act.equals("take")) {
                words.take(preview.word(), plans.words().text("page.catalogue.fromAFile"));
                return "redirect:/tanks/" + tank + "/my-facts";
            }
            return page(tank, model, typed, "", preview);
        } catch (CatalogueException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            typed.put("file", plans.words().sentences(e.problems()));
            return page(tank, model, typed, "", null);
        }
    }

    @GetMapping("/catalogue.json")
    ResponseEntity<String> json() {
        return file(new CatalogueJson().write(catalogue.get().all()), MediaType.APPLICATION_JSON, "catalogue.json");
    }

    @GetMapping("/catalogue.csv")
    ResponseEntity<String> csv() {
        return file(
                CatalogueCsv.write(catalogue.get().all()),
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                "catalogue.csv");
    }

    private static ResponseEntity<String> file(String body, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }
}
