package pelluna.app.losses;

import java.time.LocalDate;
import java.util.List;
import pelluna.app.limits.Refusal;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;

/** A departure that cannot be so. */
public sealed interface LossRefusal extends Refusal {
    record HowMany() implements LossRefusal {}

    record StillToCome() implements LossRefusal {}

    record WhoIsIt() implements LossRefusal {}

    record InTheLedger(Statement fish) implements LossRefusal {}

    record IsOne(Statement fish) implements LossRefusal {}

    record OnlySoMany(int count) implements LossRefusal {}

    record BeforeItCame(LocalDate came) implements LossRefusal {}

    record TooManyTogether(int most) implements LossRefusal {}

    record OutOfOrder() implements LossRefusal {}

    record WhichFish() implements LossRefusal {}

    record WhichOf(String typed, List<Species> meant) implements LossRefusal {}
}
