package pelluna.app.writes;

import pelluna.words.Words;

/** Who reads what this request is answered with. */
public interface Reader {
    /** Their language and units. */
    Words words();

    /** The same as far as it is known without asking the database, in metric units. */
    Words wordsAtHand();
}
