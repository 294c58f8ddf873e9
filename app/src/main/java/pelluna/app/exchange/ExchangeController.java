package pelluna.app.exchange;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Utf8;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.PlanFile;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Bring in, take out: plan files through the pages, and the same assessment as the command line as a web API. */
@Controller
class ExchangeController {
    /** The open formats are written in metric units. */
    private static final Words WORDS = Words.english(UnitSystem.METRIC);

    private final TankPlans plans;
    private final PlanFiles files;
    private final Shells shells;
    private final SolveTime time;
    private final AtOnce atOnce;

    ExchangeController(TankPlans plans, PlanFiles files, Shells shells, SolveTime time, AtOnce atOnce) {
        this.plans = plans;
        this.files = files;
        this.shells = shells;
        this.time = time;
        this.atOnce = atOnce;
    }

    @GetMapping("/tanks/{id}/import-export")
    String page(OwnedTank tank, Model model) {
        return page(tank, model, "", List.of());
    }

    private String page(OwnedTank tank, Model model, String text, List<Problem> problems) {
        shells.around(
                model,
                plans.open(tank),
                "exchange",
                plans.words().text("page.exchange.bringInTakeOut"),
                plans.words().text("page.exchange.yourPlansAreYoursAnOpenFormat"));
        model.addAttribute("text", text);
        model.addAttribute("own", files.write(plans.file(tank).unnumbered()));
        model.addAttribute("problems", problems);
        return "exchange";
    }

    @PostMapping("/tanks/{id}/import-export")
    String bringIn(
            OwnedTank tank,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String text,
            Model model,
            HttpServletResponse response)
            throws IOException {
        plans.tank(tank);
        String plan = file != null && !file.isEmpty() ? Utf8.text("file", file.getBytes()) : text;
        try {
            return "redirect:/tanks/" + plans.bringIn(files.parse(plan)).id() + "/wish-list";
        } catch (PlanProblemsException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(tank, model, plan, e.problems());
        }
    }

    /** A tank of whoever asks, from a plan alone. */
    @PostMapping("/tanks/from-plan")
    String lay(@RequestParam String plan) {
        return "redirect:/tanks/" + plans.bringIn(files.parse(plan)).id() + "/wish-list";
    }

    @GetMapping("/tanks/{id}/plan.json")
    ResponseEntity<String> plan(OwnedTank tank) {
        return json(files.write(plans.file(tank).unnumbered()), plans.tank(tank).name() + ".plan.json");
    }

    @Operation(operationId = "getAssessment", summary = "What Pelluna says of a tank's plan")
    @GetMapping({"/tanks/{id}/assessment.json", "/api/v1/tanks/{id}/assessment"})
    ResponseEntity<String> assessment(OwnedTank tank) {
        var plan = files.plan(plans.file(tank).unnumbered(), plans.today());
        return json(
                files.write(AssessmentFile.of(new Assessor().assess(plan, time.begins()), WORDS)),
                plans.tank(tank).name() + ".assessment.json");
    }

    @Operation(operationId = "assess", summary = "What Pelluna says of a plan file")
    @PostMapping(
            value = {"/api/assess", "/api/v1/assessments"},
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> assess(@RequestBody byte[] body) {
        try {
            PlanFile file = files.parse(body);
            PlanFiles.notTooMany(file);
            var plan = files.plan(file, plans.today());
            return ResponseEntity.ok(atOnce.run(() ->
                    files.write(AssessmentFile.of(new Assessor().assess(plan, time.begins()), WORDS))));
        } catch (AtOnce.BusyException e) {
            return problem(HttpStatus.SERVICE_UNAVAILABLE, new ExchangeRefusal.TooManyAtOnce(), List.of());
        } catch (PlanProblemsException e) {
            return problem(HttpStatus.UNPROCESSABLE_CONTENT, new ExchangeRefusal.PlanRefused(), e.problems());
        }
    }

    /** A refusal as RFC 9457 has it, with every field that is wrong. */
    static ResponseEntity<Object> problem(HttpStatus status, Refusal why, List<Problem> problems) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, WORDS.of(why));
        body.setProperty("code", Words.code(why));
        body.setProperty("problems", problems.stream().map(p -> p.said(WORDS)).toList());
        var answer = ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON);
        return (status == HttpStatus.SERVICE_UNAVAILABLE ? answer.header(HttpHeaders.RETRY_AFTER, "5") : answer)
                .body(body);
    }

    private static ResponseEntity<String> json(String body, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(body);
    }
}
