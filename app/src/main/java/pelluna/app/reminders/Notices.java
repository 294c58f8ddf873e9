package pelluna.app.reminders;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pelluna.app.today.DueLists;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** What a notification says of a tank. */
final class Notices {
    /** Lines that a lock screen shows. */
    private static final int LINES = 4;

    private Notices() {}

    /**
     * All that is due, the newly due first: on the device it takes the place of an older one.
     *
     * @param known what the keeper was told already
     * @return empty where nothing is new
     */
    static Optional<Notice> of(DueLists.OfTank tank, Set<String> known, Words say) {
        List<DueLists.Due> fresh = tank.due().stream()
                .filter(d -> !known.contains(Told.key(tank.tank(), d.key())))
                .toList();
        if (fresh.isEmpty()) {
            return Optional.empty();
        }
        List<DueLists.Due> all =
                Stream.concat(fresh.stream(), tank.due().stream()).distinct().toList();
        List<String> lines = new ArrayList<>(
                all.stream().limit(LINES).map(DueLists.Due::says).toList());
        if (all.size() > LINES) {
            lines.add(say.text("page.reminders.andMore", all.size() - LINES));
        }
        Step worst = fresh.stream().map(DueLists.Due::step).max(Step::compareTo).orElse(Step.CALM);
        return Optional.of(new Notice(
                tank.name(),
                String.join("\n", lines),
                "tank-" + tank.tank(),
                "/tanks/" + tank.tank() + "/today",
                say.language().toLanguageTag(),
                worst));
    }

    /** To see that one arrives. */
    static Notice trial(Words say) {
        return new Notice(
                say.text("page.reminders.trialTitle"),
                say.text("page.reminders.trialBody"),
                "trial",
                RemindersController.PATH,
                say.language().toLanguageTag(),
                Step.CALM);
    }
}
