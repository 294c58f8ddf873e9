package pelluna.app.account;

import java.net.URI;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.words.Languages;
import pelluna.words.UnitSystem;

/** Language, units and light, from the rail of every page. Goes back to where it was asked. */
@Controller
class SettingsController {
    private static final Set<String> THEMES = Set.of("system", "day", "night");
    private final CurrentKeeper keeper;

    SettingsController(CurrentKeeper keeper) {
        this.keeper = keeper;
    }

    @PostMapping("/settings/units")
    String units(@RequestParam String units, @RequestHeader(value = "Referer", required = false) String from) {
        keeper.reads("US".equals(units) ? UnitSystem.US : UnitSystem.METRIC);
        return "redirect:" + path(from);
    }

    /** @param language its code; anything else for the one that the browser asks for */
    @PostMapping("/settings/language")
    String language(@RequestParam String language, @RequestHeader(value = "Referer", required = false) String from) {
        keeper.speaks(Languages.all().stream()
                .filter(l -> l.getLanguage().equals(language))
                .findFirst()
                .orElse(null));
        return "redirect:" + path(from);
    }

    @PostMapping("/settings/theme")
    String theme(@RequestParam String theme, @RequestHeader(value = "Referer", required = false) String from) {
        keeper.lights(THEMES.contains(theme) ? theme : "system");
        return "redirect:" + path(from);
    }

    @PostMapping("/settings/arrows")
    String arrows(@RequestParam int from, @RequestHeader(value = "Referer", required = false) String page) {
        keeper.draws(from);
        return "redirect:" + path(page);
    }

    /** Only the path of the page asked from, never another host. */
    private static String path(String from) {
        try {
            URI uri = URI.create(from == null ? "/" : from);
            String path = uri.getRawPath() == null
                            || !uri.getRawPath().startsWith("/")
                            || uri.getRawPath().startsWith("//")
                    ? "/"
                    : uri.getRawPath();
            return uri.getRawQuery() == null ? path : path + "?" + uri.getRawQuery();
        } catch (IllegalArgumentException e) {
            return "/";
        }
    }
}
