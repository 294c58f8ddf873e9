package pelluna.app.sharing;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Ownership;
import pelluna.app.account.SignedIn;
import pelluna.app.shell.Marks;
import pelluna.words.Words;

/** What a link shows, to whoever has it: a page without a way on, in the language and units of who shares it. */
@Controller
class SharedController {
    private static final MediaType PAGE = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);

    private final ShareLinks links;
    private final List<SharedPart> parts;
    private final Ownership ownership;
    private final CurrentKeeper keeper;
    private final ITemplateEngine templates;

    SharedController(
            ShareLinks links,
            List<SharedPart> parts,
            Ownership ownership,
            CurrentKeeper keeper,
            ITemplateEngine templates) {
        this.links = links;
        this.parts = parts;
        this.ownership = ownership;
        this.keeper = keeper;
        this.templates = templates;
    }

    @GetMapping("/shared/{secret}")
    ResponseEntity<String> shared(@PathVariable String secret) {
        Optional<ShareLinks.Opened> opened = links.open(secret).filter(o -> o.what() != Shared.CALENDAR);
        return opened.map(o -> answer(HttpStatus.OK, SignedIn.as(o.owner(), () -> page(o))))
                .orElseGet(() -> answer(HttpStatus.NOT_FOUND, gone()));
    }

    private static ResponseEntity<String> answer(HttpStatus status, String page) {
        return ResponseEntity.status(status)
                .contentType(PAGE)
                .header("X-Robots-Tag", "noindex")
                .body(page);
    }

    private String page(ShareLinks.Opened opened) {
        Model page = new ExtendedModelMap();
        Words say = keeper.words();
        page.addAttribute("marks", new Marks(say));
        page.addAttribute("title", say.title(opened.what()));
        page.addAttribute("part", opened.what().word());
        parts.stream()
                .filter(p -> p.what() == opened.what())
                .findFirst()
                .orElseThrow()
                .show(ownership.tank(opened.tank()), opened.which(), page);
        return process(page, say);
    }

    private String gone() {
        Model page = new ExtendedModelMap();
        Words say = keeper.words();
        page.addAttribute("title", say.text("page.links.gone"));
        page.addAttribute("part", "gone");
        return process(page, say);
    }

    private String process(Model page, Words say) {
        page.addAttribute("say", say);
        Context context = new Context(say.language());
        context.setVariables(page.asMap());
        return templates.process("shared", context);
    }
}
