package pelluna.app.shop;

import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** A reason as one reads it standing in a shop: its first sentence. */
final class Shortly {
    private Shortly() {}

    static String said(Statement reason, Words say) {
        return say.title(reason instanceof Sentences s && !s.isEmpty() ? s.all().get(0) : reason);
    }
}
