package pelluna.app.today;

import java.util.Map;
import pelluna.app.drawing.FishDrawing;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;

/**
 * One sentence of Today with its one button.
 *
 * @param key    stays the same for the same thing, so that a device reminds once: 'look-12-day-3'
 * @param when   in words: 'due since 10:00', 'Saturday', ''
 * @param due    whether its time has come
 * @param spark  a small drawing; empty without
 * @param step   how grave
 * @param picture where its fish is drawn; empty without
 */
record Item(
        String key,
        String when,
        boolean due,
        Step step,
        String says,
        String why,
        String spark,
        Button button,
        String picture) {
    /** @param post whether pressing it does it; otherwise it leads to where it is done; @param fields sent with it */
    record Button(String label, boolean post, String href, Map<String, String> fields) {
        static Button to(String label, String href) {
            return new Button(label, false, href, Map.of());
        }

        static Button does(String label, String href, Map<String, String> fields) {
            return new Button(label, true, href, fields);
        }
    }

    /** The same beside its fish. */
    Item with(Species species) {
        return new Item(key, when, due, step, says, why, spark, button, picture(species));
    }

    static String picture(Species species) {
        return FishDrawing.href(species);
    }

    static Item of(String key, String when, boolean due, Step step, String says, String why, Button button) {
        return new Item(key, when, due, step, says, why, "", button, "");
    }
}
