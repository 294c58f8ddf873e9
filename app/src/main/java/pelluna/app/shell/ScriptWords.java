package pelluna.app.shell;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import pelluna.words.Words;
import tools.jackson.databind.json.JsonMapper;

/** What scripts say, as a script of its own: {@code say.js} reads it. It needs no database, like all scripts. */
@RestController
class ScriptWords {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Words SAY = Words.forAnybody();

    private static final String SCRIPT = "export const dates = " + JSON.writeValueAsString(SAY.text("words.dates"))
            + ";\nexport const messages = " + JSON.writeValueAsString(SAY.patterns("script")) + ";\n";

    @GetMapping(value = "/words.js", produces = "text/javascript;charset=UTF-8")
    String words() {
        return SCRIPT;
    }
}
