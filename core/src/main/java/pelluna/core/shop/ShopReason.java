package pelluna.core.shop;

import java.time.LocalDate;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;

/** Why a fish is bought today, or not, beside what the Sieve says of it. */
public sealed interface ShopReason extends Statement {
    record NothingAgainstIt() implements ShopReason {}

    /** The last to come is too new: the filter and the fish get used to it first. */
    record LastCame(Species last, LocalDate on) implements ShopReason {}

    /** The tank is left without fish until then. */
    record WithoutFish(LocalDate until) implements ShopReason {}

    /** @param release the day on which it would be in the tank, if it were bought on its day */
    record ReadyOn(LocalDate release) implements ShopReason {}
}
