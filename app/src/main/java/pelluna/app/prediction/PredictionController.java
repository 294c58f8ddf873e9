package pelluna.app.prediction;

import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.plan.PlanFile;
import tools.jackson.databind.JsonNode;

/** What plans had said beside what happened, over all tanks of a keeper. */
@Controller
class PredictionController {
    private final TankPlans plans;
    private final PredictionReview review;
    private final SharedFigures figures;
    private final PlanFiles files;
    private final Shells shells;

    PredictionController(
            TankPlans plans, PredictionReview review, SharedFigures figures, PlanFiles files, Shells shells) {
        this.plans = plans;
        this.review = review;
        this.figures = figures;
        this.files = files;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/losses/predicted")
    String review(
            OwnedTank tank,
            @RequestParam(defaultValue = "all") String scope,
            @RequestParam(defaultValue = "false") boolean show,
            Model model) {
        OpenTank opened = plans.open(tank);
        boolean everywhere = !scope.equals("tank");
        PredictionReview.Page page = review.page(everywhere ? all() : List.of(opened.owned()));
        shells.around(
                model,
                opened,
                "losses",
                opened.say().text("page.prediction.saidAndHappened"),
                page.arrivals() == 0
                        ? opened.say().text("page.prediction.noWordIsKeptYet")
                        : (everywhere
                                ? opened.say()
                                        .text(
                                                "page.prediction.overAllYourTanks",
                                                opened.say().text("page.prediction.arrivals", page.arrivals()))
                                : opened.say()
                                        .text(
                                                "page.prediction.inThisTank",
                                                opened.say().text("page.prediction.arrivals", page.arrivals()))));
        model.addAttribute("tab", "hindsight");
        model.addAttribute("scope", everywhere ? "all" : "tank");
        model.addAttribute("several", plans.tanks().size() > 1);
        model.addAttribute("page", page);
        model.addAttribute("shared", show ? files.write(figures.of(all())) : "");
        return "predictions";
    }

    private List<OwnedTank> all() {
        return plans.owned();
    }

    @GetMapping("/tanks/{id}/losses/figures.json")
    ResponseEntity<String> shared(OwnedTank tank) {
        plans.tank(tank);
        return json(files.write(figures.of(all())), "pelluna-figures.json");
    }

    /** What was kept, as it goes out. */
    record Kept(LocalDate on, PlanFile plan, JsonNode assessment) {}

    /** The plan and its assessment as they were on the day of an arrival. */
    @GetMapping("/tanks/{id}/losses/predicted/{word}.json")
    ResponseEntity<String> word(OwnedTank tank, @PathVariable long word) {
        PredictionEntity kept = review.whole(tank, word).orElseThrow(NoSuchTankException::new);
        return json(
                files.write(new Kept(kept.onDay(), kept.plan(), kept.assessment())),
                "assessment-" + kept.onDay() + ".json");
    }

    private static ResponseEntity<String> json(String body, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(body);
    }
}
