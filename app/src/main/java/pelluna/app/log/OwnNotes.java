package pelluna.app.log;

import java.util.List;
import pelluna.app.fish.OwnNote;
import pelluna.app.rows.StatementJson;
import pelluna.words.Words;

/** What a line of the log says beside what was seen: Pelluna's own note, and the keeper's. */
final class OwnNotes {
    private static final StatementJson JSON = new StatementJson(OwnNote.class);

    private OwnNotes() {}

    static String row(OwnNote own) {
        return JSON.write(List.of(own));
    }

    /** Both notes as one; empty if there are none. */
    static String told(ObservationEntity e, Words say) {
        String own = say.sentences(JSON.read(e.own()));
        return own.isEmpty() || e.note().isEmpty() ? own + e.note() : say.text("page.log.andYourNote", own, e.note());
    }
}
