package pelluna.app.reminders;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.today.DueLists;
import pelluna.core.remind.Rhythm;
import pelluna.words.Words;

/** One turn for one keeper: what is newly due goes to the devices, the day's mail to the outbox. */
@Component
class Round {
    private final CurrentKeeper keeper;
    private final Reminders reminders;
    private final Devices devices;
    private final Due due;
    private final Told told;
    private final Clock clock;

    Round(CurrentKeeper keeper, Reminders reminders, Devices devices, Due due, Told told, Clock clock) {
        this.keeper = keeper;
        this.reminders = reminders;
        this.devices = devices;
        this.due = due;
        this.told = told;
        this.clock = clock;
    }

    /** In the keeper's name. @return when the next turn is */
    Instant go() {
        ReminderEntity own = reminders.own();
        List<DeviceEntity> to = devices.own();
        LocalDateTime now = LocalDateTime.now(clock);
        Rhythm.Turn turn = Reminders.rhythm(own, !to.isEmpty()).at(now, own.mailedOn());
        if (turn.push() || turn.mail()) {
            List<DueLists.OfTank> tanks = due.own();
            if (turn.push()) {
                push(tanks, to);
            }
            if (turn.mail()) {
                mail(tanks, own, now);
            }
        }
        return turn.next().atZone(clock.getZone()).toInstant();
    }

    private void push(List<DueLists.OfTank> tanks, List<DeviceEntity> to) {
        long id = keeper.get().id();
        Set<String> known = told.known(id);
        Words say = keeper.words();
        for (DueLists.OfTank tank : tanks) {
            Notices.of(tank, known, say).ifPresent(n -> {
                if (devices.send(n, to) > 0) {
                    told.told(
                            id,
                            tank.due().stream()
                                    .map(d -> Told.key(tank.tank(), d.key()))
                                    .toList());
                }
            });
        }
    }

    private void mail(List<DueLists.OfTank> tanks, ReminderEntity own, LocalDateTime now) {
        KeeperAccount account = keeper.get();
        if (tanks.isEmpty() || account.email() == null) {
            told.mailed(account.id(), now.toLocalDate());
        } else {
            told.writes(
                    account.id(),
                    now.toLocalDate(),
                    account.email(),
                    DailyLetter.of(tanks, own.site(), keeper.words()));
        }
    }
}
