package pelluna.app.writes;

import pelluna.words.Words;

/** Who reads what this request is answered with. */
public interface Reader {
    /** Their language and units. */
    Words words();
}
