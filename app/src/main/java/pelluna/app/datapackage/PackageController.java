package pelluna.app.datapackage;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** The keeper's data: all out, all in, and the way to the end of the account. */
@Controller
class PackageController {
    private static final Logger LOG = LoggerFactory.getLogger(PackageController.class);

    private final PackageWriter writer;
    private final PackageReader reader;
    private final CurrentKeeper keeper;
    private final Shells shells;
    private final Clock clock;

    PackageController(PackageWriter writer, PackageReader reader, CurrentKeeper keeper, Shells shells, Clock clock) {
        this.writer = writer;
        this.reader = reader;
        this.keeper = keeper;
        this.shells = shells;
        this.clock = clock;
    }

    /** @param came how many tanks were just brought in */
    @GetMapping("/account/data")
    String page(@RequestParam(required = false) Integer came, Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.data.title"), say.text("page.data.sentence"));
        model.addAttribute("came", came);
        return "account-data";
    }

    /** Made whole before the first byte is sent: what breaks is a page, not half a file. */
    @GetMapping("/account/data.zip")
    void out(HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("pelluna", ".zip");
        try {
            try (OutputStream to = Files.newOutputStream(file)) {
                writer.write(to);
            }
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    "attachment; filename=\"pelluna-" + LocalDate.now(clock) + ".zip\"");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.delete(file);
        }
    }

    @PostMapping("/account/data")
    String in(@RequestParam MultipartFile file, RedirectAttributes to) throws IOException {
        Path kept = Files.createTempFile("pelluna", ".zip");
        try {
            file.transferTo(kept);
            return "redirect:/account/data?came=" + reader.bringIn(kept);
        } catch (Refused e) {
            LOG.info("A package was refused: {}", e.getMessage(), e.getCause());
            Refused.tell(to, e);
            return "redirect:/account/data";
        } finally {
            Files.delete(kept);
        }
    }
}
