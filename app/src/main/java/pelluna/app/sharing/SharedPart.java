package pelluna.app.sharing;

import java.util.List;
import org.springframework.ui.Model;
import pelluna.app.account.OwnedTank;

/**
 * One thing that can be shown by a link, made by the place that has it. Nothing of who keeps the tank is in it: no
 * name, no address, no name of the tank, no picture, no price.
 */
public interface SharedPart {
    Shared what();

    /** One of several that can be shown, as an incident. */
    record Choice(long which, String name) {}

    /** What there is to choose from; one without a name if there is only one of it. */
    default List<Choice> choices(OwnedTank tank) {
        return List.of(new Choice(0, ""));
    }

    /**
     * Puts what the fragment of this name in 'shared-parts' shows into a page.
     *
     * @param which one of the choices
     */
    void show(OwnedTank tank, long which, Model page);
}
