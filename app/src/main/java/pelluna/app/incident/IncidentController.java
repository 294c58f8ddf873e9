package pelluna.app.incident;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Marks;
import pelluna.app.shell.Shells;
import pelluna.core.losses.IncidentKind;
import pelluna.core.units.Named;

/**
 * Looking back: one incident with everything that the tank's records say of the days around it, to read, print or
 * show.
 */
@Controller
class IncidentController {
    private final TankPlans plans;
    private final Incidents incidents;
    private final TimeLine lines;
    private final Shells shells;
    private final ITemplateEngine templates;

    IncidentController(TankPlans plans, Incidents incidents, TimeLine lines, Shells shells, ITemplateEngine templates) {
        this.plans = plans;
        this.incidents = incidents;
        this.lines = lines;
        this.shells = shells;
        this.templates = templates;
    }

    /** One of them in the list. */
    record Row(long id, String title, String kind, LocalDate on, String lesson) {}

    @GetMapping("/tanks/{id}/losses/incidents")
    String all(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Row> rows = incidents.all(tank).stream()
                .map(i -> new Row(
                        i.id(), i.title(), opened.say().of(i.kind()), i.days().on(), i.lesson()))
                .toList();
        shells.around(
                model,
                opened,
                "losses",
                opened.say().text("page.incident.lookingBack"),
                rows.isEmpty()
                        ? opened.say().text("page.incident.oneIncidentAllThatIsKnownOf")
                        : opened.say()
                                .text(
                                        "page.incident.andWhatWasLearnt",
                                        opened.say().text("page.incident.incidents", rows.size())));
        model.addAttribute("tab", "incidents");
        model.addAttribute("rows", rows);
        model.addAttribute("kinds", Arrays.asList(IncidentKind.values()));
        model.addAttribute("today", plans.today().toString());
        return "incidents";
    }

    @PostMapping("/tanks/{id}/losses/incidents")
    String open(
            OwnedTank tank,
            @Takes({"title", "kind", "on", "loss"}) @RequestParam Map<String, String> form,
            RedirectAttributes to) {
        String base = "redirect:/tanks/" + tank + "/losses/incidents";
        try {
            String loss = form.getOrDefault("loss", "");
            long number = loss.matches("\\d{1,18}")
                    ? incidents.ofLoss(tank, Long.parseLong(loss))
                    : incidents.open(
                            tank,
                            form.getOrDefault("title", ""),
                            Named.find(IncidentKind.class, form.getOrDefault("kind", ""))
                                    .orElse(IncidentKind.LOSS),
                            day(form, "on"),
                            null);
            return base + "/" + number;
        } catch (Refused e) {
            Refused.tell(to, e);
            return base;
        }
    }

    private static LocalDate day(Map<String, String> form, String key) {
        return Days.happened(key, form.getOrDefault(key, ""));
    }

    private IncidentEntity fill(OwnedTank tank, long number, OpenTank opened, Model model) {
        IncidentEntity i = incidents.one(tank, number);
        model.addAttribute(
                "incident",
                new Row(i.id(), i.title(), opened.say().of(i.kind()), i.days().on(), i.lesson()));
        model.addAttribute("what", i.what());
        model.addAttribute("days", i.days());
        model.addAttribute("kind", i.kind());
        model.addAttribute("page", lines.of(opened, i));
        return i;
    }

    @GetMapping("/tanks/{id}/losses/incidents/{number}")
    String one(OwnedTank tank, @PathVariable long number, Model model) {
        OpenTank opened = plans.open(tank);
        IncidentEntity i = fill(tank, number, opened, model);
        shells.around(
                model,
                opened,
                "losses",
                i.title(),
                opened.say()
                        .text(
                                "page.incident.lookedAtFromTo",
                                opened.say().title(i.kind()),
                                i.days().on(),
                                i.days().from(),
                                i.days().until()));
        model.addAttribute("tab", "incidents");
        model.addAttribute("kinds", Arrays.asList(IncidentKind.values()));
        return "incident";
    }

    /** The same as one file that needs nothing else, to send or to keep. */
    @GetMapping("/tanks/{id}/losses/incidents/{number}/page.html")
    ResponseEntity<String> page(OwnedTank tank, @PathVariable long number) {
        OpenTank opened = plans.open(tank);
        Context context = new Context(opened.say().language());
        Model model = new ExtendedModelMap();
        IncidentEntity i = fill(tank, number, opened, model);
        context.setVariables(model.asMap());
        context.setVariable("say", opened.say());
        context.setVariable("marks", new Marks(opened.say()));
        context.setVariable("tank", opened.tank().name());
        String name = i.title().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "") + ".html";
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(templates.process("incident-page", context));
    }

    @PostMapping("/tanks/{id}/losses/incidents/{number}/told")
    String told(
            OwnedTank tank,
            @PathVariable long number,
            @RequestParam(defaultValue = "") String what,
            @RequestParam(defaultValue = "") String lesson,
            RedirectAttributes to) {
        return done(tank, number, to, () -> incidents.told(tank, number, what, lesson));
    }

    @PostMapping("/tanks/{id}/losses/incidents/{number}/is")
    String is(
            OwnedTank tank,
            @PathVariable long number,
            @Takes({"title", "kind", "on", "from", "until"}) @RequestParam Map<String, String> form,
            RedirectAttributes to) {
        return done(
                tank,
                number,
                to,
                () -> incidents.is(
                        tank,
                        number,
                        form.getOrDefault("title", ""),
                        Named.find(IncidentKind.class, form.getOrDefault("kind", ""))
                                .orElse(IncidentKind.LOSS),
                        new IncidentEntity.Days(day(form, "on"), day(form, "from"), day(form, "until"))));
    }

    private static String done(OwnedTank tank, long number, RedirectAttributes to, Runnable task) {
        try {
            task.run();
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/losses/incidents/" + number;
    }

    @PostMapping("/tanks/{id}/losses/incidents/{number}/close")
    String close(OwnedTank tank, @PathVariable long number) {
        incidents.close(tank, number);
        return "redirect:/tanks/" + tank + "/losses/incidents";
    }
}
