package pelluna.app.shell;

import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import pelluna.words.Languages;
import pelluna.words.UnitSystem;
import pelluna.words.Words;
import tools.jackson.databind.json.JsonMapper;

/**
 * What scripts say in a language, as a script of its own: {@code say.js} reads the one of its page. It needs no
 * database, like all scripts.
 */
@RestController
class ScriptWords {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Map<Locale, String> SCRIPTS = new ConcurrentHashMap<>();

    /** @param dates how a browser writes days */
    record Script(String dates, Map<String, String> messages) {}

    /** @param language its code; English if there is no such language */
    @GetMapping(value = "/words/{language:[a-z]+}.js", produces = "text/javascript;charset=UTF-8")
    String words(@PathVariable String language) {
        return SCRIPTS.computeIfAbsent(Languages.best(language), ScriptWords::script);
    }

    private static String script(Locale language) {
        Words say = Words.in(language, UnitSystem.METRIC);
        return "window.pellunaWords="
                + JSON.writeValueAsString(new Script(say.text("words.dates"), say.patterns("script")));
    }
}
