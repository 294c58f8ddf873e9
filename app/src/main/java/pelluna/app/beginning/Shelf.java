package pelluna.app.beginning;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;
import pelluna.core.catalogue.Form;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Sold;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Zone;
import pelluna.core.units.Named;

/** Fish to tap, by what somebody may dream of. Limits are Pelluna's judgement. */
enum Shelf implements Named {
    OFTEN("often", s -> true),
    PEACEFUL("peaceful", s -> s.size().usualCm() <= 10 && s.manner().bold() <= 2),
    OPEN_WATER("open-water", s -> s.place().zones().contains(Zone.OPEN_WATER)),
    ALGAE("algae", s -> s.diet().guild() == Guild.GRAZER || s.diet().guild() == Guild.FILM),
    BRED("bred", Species::captiveBred),
    CRAZY("crazy", s -> Crazy.FORMS.contains(s.look().form()));

    /** Those that look like nothing else. */
    private static final class Crazy {
        private static final Set<Form> FORMS = EnumSet.of(
                Form.BOX,
                Form.DRAGONET,
                Form.FROG,
                Form.LION,
                Form.LONGNOSE_HAWK,
                Form.MORAY,
                Form.PIPEFISH,
                Form.PUFFER,
                Form.SEAHORSE,
                Form.TRIGGER);
    }

    private final String word;
    private final Predicate<Species> holds;

    Shelf(String word, Predicate<Species> holds) {
        this.word = word;
        this.holds = holds;
    }

    @Override
    public String word() {
        return word;
    }

    /** Of those that shops have at least now and then. */
    boolean holds(Species s) {
        return s.sold().compareTo(Sold.REGULARLY) <= 0 && holds.test(s);
    }
}
