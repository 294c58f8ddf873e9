package pelluna.app.pooled;

import java.io.IOException;
import java.time.Clock;
import java.util.List;
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
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Utf8;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** Whether a keeper shares figures; and, for who runs the server, those of other installations. */
@Controller
class FiguresController {
    private static final String PAGE = "redirect:/account/figures";

    private final CurrentKeeper keeper;
    private final PoolRows rows;
    private final Sources sources;
    private final PoolRounds rounds;
    private final OwnFigures own;
    private final InstallationKey key;
    private final PlanFiles files;
    private final Shells shells;
    private final Clock clock;

    FiguresController(
            CurrentKeeper keeper,
            PoolRows rows,
            Sources sources,
            PoolRounds rounds,
            OwnFigures own,
            InstallationKey key,
            PlanFiles files,
            Shells shells,
            Clock clock) {
        this.keeper = keeper;
        this.rows = rows;
        this.sources = sources;
        this.rounds = rounds;
        this.own = own;
        this.key = key;
        this.files = files;
        this.shells = shells;
        this.clock = clock;
    }

    /** A file in a line. @param called the beginning of its key; empty if nobody has signed it */
    record Line(long id, String called, String cameOn, boolean aside, int pairs, int keepers) {}

    @GetMapping("/account/figures")
    String page(Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.figures.title"), say.text("page.figures.sentence"));
        boolean runs = keeper.get().owner();
        model.addAttribute("shares", rows.shares(keeper.get().id()));
        model.addAttribute("runs", runs);
        model.addAttribute(
                "called",
                runs ? SignedFigures.called(SignedFigures.name(key.find().getPublic())) : "");
        model.addAttribute("sources", runs ? lines(say) : List.of());
        return "account-figures";
    }

    private List<Line> lines(Words say) {
        return sources.all().stream()
                .map(s -> new Line(
                        s.id(),
                        s.signedBy().map(SignedFigures::called).orElse(""),
                        say.shortDate(s.cameAt().atZone(clock.getZone()).toLocalDate()),
                        s.aside(),
                        s.pairs(),
                        s.keepers()))
                .toList();
    }

    @PostMapping("/account/figures/share")
    String share(@RequestParam boolean on) {
        long who = keeper.get().id();
        rows.share(who, on);
        rounds.soon();
        return PAGE;
    }

    @PostMapping("/account/figures")
    String take(
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String text,
            RedirectAttributes to)
            throws IOException {
        runsTheServer();
        try {
            String sent = file != null && !file.isEmpty() ? Utf8.text("file", file.getBytes()) : text;
            sources.take(sent);
            rounds.soon();
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return PAGE;
    }

    @PostMapping("/account/figures/{source}/aside")
    String aside(@PathVariable long source, @RequestParam boolean aside) {
        runsTheServer();
        sources.aside(source, aside);
        rounds.soon();
        return PAGE;
    }

    @PostMapping("/account/figures/{source}/remove")
    String remove(@PathVariable long source) {
        runsTheServer();
        sources.remove(source);
        rounds.soon();
        return PAGE;
    }

    private void runsTheServer() {
        if (!keeper.get().owner()) {
            throw new Refused(new PooledRefusal.OnlyWhoRunsTheServer());
        }
    }

    /** What the keepers of this server share, of pairs that five of them have had; signed. */
    @GetMapping("/account/figures.jws")
    ResponseEntity<String> figures() {
        runsTheServer();
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("application/jose"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pelluna-figures.jws\"")
                .body(SignedFigures.sign(files.write(own.all()), key.find()));
    }
}
