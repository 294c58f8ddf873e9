package pelluna.app.planfile;

import pelluna.core.units.Statement;
import pelluna.words.Words;

/** What is wrong with a plan: which field (as a path such as tank.lengthCm), what was found, what was expected. */
public record Problem(String field, Statement found, Statement expected) implements Statement {
    /** The same in words, as it goes out, with the code of what is needed. */
    public record Said(String field, String found, String expected, String code) {}

    public Said said(Words say) {
        return new Said(field, say.of(found), say.of(expected), Words.code(expected));
    }
}
