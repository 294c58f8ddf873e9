package pelluna.app.reminders;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import pelluna.app.account.Beside;
import pelluna.app.database.AskedFor;

/** Goes round among those whose turn it is. */
@Component
class Rounds {
    private static final Logger LOG = LoggerFactory.getLogger(Rounds.class);

    private final Told told;
    private final Round round;

    Rounds(Told told, Round round) {
        this.told = told;
        this.round = round;
    }

    @Scheduled(initialDelayString = "${pelluna.reminders}", fixedDelayString = "${pelluna.reminders}")
    void go() {
        try {
            for (Told.Turn turn : AskedFor.all(told::take)) {
                goTo(turn);
            }
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("No database to look for reminders; the next turn will", e);
        }
    }

    /** One keeper's trouble is nobody else's. */
    private void goTo(Told.Turn turn) {
        try {
            Beside.alone(turn.keeper(), turn.language(), () -> {
                told.ends(turn, round.go());
                return true;
            });
        } catch (RuntimeException e) {
            LOG.warn("Keeper {} could not be reminded: {}", turn.keeper(), e.toString());
        }
    }
}
