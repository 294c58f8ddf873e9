package pelluna.app.hindsight;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.Desk;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.shell.Shells;
import pelluna.app.tank.TankEntity;
import pelluna.words.English;

/** What plans had said beside what happened, over all tanks of a keeper. */
@Controller
class HindsightController {
    private final PlanDesk desks;
    private final HindsightDesk hindsight;
    private final SharedFigures figures;
    private final PlanFiles files;
    private final Shells shells;

    HindsightController(
            PlanDesk desks, HindsightDesk hindsight, SharedFigures figures, PlanFiles files, Shells shells) {
        this.desks = desks;
        this.hindsight = hindsight;
        this.figures = figures;
        this.files = files;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/losses/hindsight")
    String hindsight(
            @PathVariable long id,
            @RequestParam(defaultValue = "all") String scope,
            @RequestParam(defaultValue = "false") boolean show,
            Model model) {
        Desk desk = desks.open(id);
        boolean everywhere = !scope.equals("tank");
        HindsightDesk.Page page =
                hindsight.page(everywhere ? all() : List.of(desk.tank().id()));
        shells.around(
                model,
                desk,
                "losses",
                "Said and happened",
                page.arrivals() == 0
                        ? "No word is kept yet."
                        : English.capital(English.count(page.arrivals(), "arrival", "arrivals"))
                                + (everywhere ? ", over all your tanks." : ", in this tank."));
        model.addAttribute("tab", "hindsight");
        model.addAttribute("scope", everywhere ? "all" : "tank");
        model.addAttribute("several", desks.tanks().size() > 1);
        model.addAttribute("page", page);
        model.addAttribute("shared", show ? files.write(figures.of(all())) : "");
        return "hindsight";
    }

    private List<Long> all() {
        return desks.tanks().stream().map(TankEntity::id).toList();
    }

    @GetMapping("/tanks/{id}/losses/figures.json")
    ResponseEntity<String> shared(@PathVariable long id) {
        desks.tank(id);
        return json(files.write(figures.of(all())), "pelluna-figures.json");
    }

    /** The plan and its assessment as they were on the day of an arrival. */
    @GetMapping("/tanks/{id}/losses/hindsight/{word}.json")
    ResponseEntity<String> word(@PathVariable long id, @PathVariable long word) {
        KeptWordEntity kept = hindsight.whole(desks.tank(id).id(), word).orElseThrow(NoSuchTankException::new);
        return json(
                files.write(
                        Map.of("on", kept.onDay().toString(), "plan", kept.plan(), "assessment", kept.assessment())),
                "assessment-" + kept.onDay() + ".json");
    }

    private static ResponseEntity<String> json(String body, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(body);
    }
}
