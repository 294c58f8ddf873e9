package pelluna.app.spreadsheet;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.CrewSheets;
import pelluna.app.fish.Individuals;
import pelluna.app.introduction.Interventions;
import pelluna.app.limits.Refused;
import pelluna.app.limits.StoppedException;
import pelluna.app.limits.Utf8;
import pelluna.app.log.LogSheets;
import pelluna.app.losses.LossSheets;
import pelluna.app.planning.TankPlans;
import pelluna.app.planning.WaterTestForm;
import pelluna.app.probe.ReadingSheets;
import pelluna.app.shell.Shells;
import pelluna.core.livestock.Stage;
import pelluna.core.plan.TestFile;

/** The log in and out as spreadsheets. */
@Controller
class SheetController {
    private final TankPlans plans;
    private final SheetImport sheets;
    private final OnItsWay ways;
    private final LogSheets log;
    private final Individuals fish;
    private final Interventions measures;
    private final ReadingSheets readings;
    private final LossSheets losses;
    private final CrewSheets crew;
    private final Shells shells;

    SheetController(
            TankPlans plans,
            SheetImport sheets,
            OnItsWay ways,
            LogSheets log,
            Individuals fish,
            Interventions measures,
            ReadingSheets readings,
            LossSheets losses,
            CrewSheets crew,
            Shells shells) {
        this.plans = plans;
        this.sheets = sheets;
        this.ways = ways;
        this.log = log;
        this.fish = fish;
        this.measures = measures;
        this.readings = readings;
        this.losses = losses;
        this.crew = crew;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/log/sheets")
    String page(OwnedTank tank, @RequestParam(defaultValue = "0") int taken, Model model) {
        return page(tank, model, taken, null, "");
    }

    private String page(OwnedTank tank, Model model, int taken, SheetImport.Preview preview, String text) {
        shells.around(
                model,
                plans.open(tank),
                "log",
                plans.words().text("page.spreadsheet.inAndOut"),
                plans.words().text("page.spreadsheet.testsAndSightingsFromA"));
        model.addAttribute("tab", "sheets");
        model.addAttribute("taken", taken);
        model.addAttribute("way", UUID.randomUUID().toString());
        model.addAttribute("preview", preview);
        model.addAttribute("text", text);
        model.addAttribute("figures", String.join(", ", WaterTestForm.FIGURES));
        return "sheets";
    }

    /** Looked through, nothing written. */
    @PostMapping("/tanks/{id}/log/sheets")
    String look(
            OwnedTank tank,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String way,
            Model model) {
        return ways.following(way, seen -> {
            try {
                String text = Utf8.text("file", file.getBytes());
                return page(tank, model, 0, sheets.preview(tank, text, seen), text);
            } catch (StoppedException e) {
                throw new Refused("file", new SheetRefusal.Stopped(), e);
            } catch (IOException e) {
                throw new Refused("file", new SheetRefusal.Unread(), e);
            }
        });
    }

    @PostMapping("/tanks/{id}/log/sheets/take")
    String take(
            OwnedTank tank,
            @RequestParam String text,
            @RequestParam(defaultValue = "") String way,
            RedirectAttributes to) {
        return ways.following(way, seen -> {
            try {
                to.addAttribute("taken", sheets.take(tank, text, seen));
            } catch (StoppedException e) {
                Refused.tell(to, new Refused("", new SheetRefusal.Stopped(), e));
            } catch (Refused e) {
                Refused.tell(to, e);
            }
            return "redirect:/tanks/" + tank + "/log/sheets";
        });
    }

    @GetMapping("/tanks/{id}/log/sheets/{which}.csv")
    ResponseEntity<String> out(OwnedTank tank, @PathVariable String which) {
        String name = plans.tank(tank).name();
        String csv = switch (which) {
            case "sightings" -> SheetTable.write(LogSheets.HEAD, log.rows(tank));
            case "watches" -> SheetTable.write(List.of("watch", "began", "ended"), log.watches(tank));
            case "tests" -> tests(tank);
            case "fish" ->
                SheetTable.write(
                        List.of("fish", "species", "count", "name", "role", "where", "came on"),
                        fish.all(tank).stream()
                                .map(f -> row(
                                        f.id(),
                                        f.species().scientificName(),
                                        f.count(),
                                        f.name(),
                                        f.role(),
                                        where(f.stage()),
                                        f.cameOn()))
                                .toList());
            case "measures" -> measures(tank);
            case "losses" -> SheetTable.write(LossSheets.HEAD, losses.rows(tank));
            case "crew" -> SheetTable.write(CrewSheets.HEAD, crew.rows(tank));
            case "probe" -> SheetTable.write(ReadingSheets.HEAD, readings.rows(tank, plans.words()));
            default -> throw new NoSuchTankException();
        };
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + " " + which + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(csv);
    }

    private String tests(OwnedTank tank) {
        List<String> head = new ArrayList<>(List.of("on"));
        head.addAll(WaterTestForm.FIGURES);
        List<List<Object>> rows = new ArrayList<>();
        for (TestFile t : plans.tests(tank)) {
            List<Object> row = row(t.on());
            WaterTestForm.FIGURES.forEach(figure -> row.add(WaterTestForm.figure(t, figure)));
            rows.add(row);
        }
        return SheetTable.write(head, rows);
    }

    private String measures(OwnedTank tank) {
        Map<Long, String> names = new HashMap<>();
        fish.all(tank).forEach(f -> names.put(f.id(), f.label(plans.words())));
        return SheetTable.write(
                List.of(
                        "measure",
                        "for",
                        "against",
                        "began",
                        "ended",
                        "note",
                        "acts before",
                        "hours before",
                        "acts since",
                        "hours since",
                        "what it did"),
                measures.told(tank, null).stream()
                        .map(t -> row(
                                t.taken().measure().word(),
                                names.get(t.forFish()),
                                names.get(t.byFish()),
                                log.at(t.taken().began()),
                                t.taken().ended().map(log::at).orElse(""),
                                t.note(),
                                t.taken().did().before().acts(),
                                t.taken().did().before().hours(),
                                t.taken().did().since().acts(),
                                t.taken().did().since().hours(),
                                plans.words().of(t.taken().did().course())))
                        .toList());
    }

    private static List<Object> row(Object... cells) {
        List<Object> row = new ArrayList<>();
        for (Object cell : cells) {
            row.add(cell);
        }
        return row;
    }

    /** Words of the sheet of fish, which others read. */
    private static String where(Stage stage) {
        return switch (stage) {
            case DISPLAY -> "tank";
            case BOX, BACK_IN_BOX -> "box";
            case TIME_OUT, APART -> "out";
            case MISSING -> "missing";
            case SLEPT_ON, WISHED, QUARANTINE -> "wished";
            case DROPPED, GONE -> "gone";
        };
    }
}
