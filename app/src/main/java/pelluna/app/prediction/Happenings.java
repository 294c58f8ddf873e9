package pelluna.app.prediction;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.app.log.Fights;
import pelluna.app.losses.Deaths;
import pelluna.core.behaviour.EventType;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Topic;
import pelluna.words.Words;

/**
 * What happened to the fish of some tanks, as far as log and ledger know; asked by topic. Members of a group count as
 * their group.
 */
final class Happenings {
    private final Words say;
    private final List<Deaths.Death> deaths;
    private final List<Fights.Fight> fights;
    private final List<Fights.Noted> signs;
    private final Map<Long, Long> groupOf;

    Happenings(
            List<Deaths.Death> deaths,
            List<Fights.Fight> fights,
            List<Fights.Noted> signs,
            Map<Long, Long> groupOf,
            Words say) {
        this.say = say;
        this.deaths = deaths;
        this.fights = fights;
        this.signs = signs;
        this.groupOf = groupOf;
    }

    private long whole(Long fish) {
        return groupOf.getOrDefault(fish, fish);
    }

    private boolean is(Long some, long fish) {
        return some != null && whole(some) == fish;
    }

    /**
     * When what one forecast warned of came to pass, in words; empty if it has not so far. @param since the day of
     * the forecast
     */
    Optional<String> bore(Forecast s, LocalDate since) {
        Topic topic = Topic.of(s.rule(), s.about()).orElse(null);
        if (topic == null || s.fish() == null) {
            return Optional.empty();
        }
        return switch (topic) {
            case FIGHTING -> s.other() == null ? Optional.empty() : fought(s.fish(), s.other(), since);
            case EATEN -> s.other() == null ? Optional.empty() : died(s.other(), Cause.EATEN, s.fish(), since);
            case REEF_LIFE ->
                deaths.stream()
                        .filter(d -> d.kind() != null
                                && !d.on().isBefore(since)
                                && d.cause() == Cause.EATEN
                                && is(d.by(), s.fish())
                                && d.kind().word().equals(s.about()))
                        .findFirst()
                        .map(d -> say.text("page.prediction.ofThemLostToItOn", d.count(), d.on()));
            default -> happened(topic, s.fish(), since);
        };
    }

    /** When something under a topic happened to a fish, whoever did it; in words. */
    Optional<String> happened(Topic topic, long fish, LocalDate since) {
        return switch (topic) {
            case FIGHTING ->
                fights.stream()
                        .filter(f -> (is(f.fish(), fish) || is(f.other(), fish)) && !f.on().isBefore(since))
                        .findFirst()
                        .map(f -> say.text("page.prediction.aHardFightWasSeenOn", f.on()))
                        .or(() -> died(fish, Cause.KILLED, null, since))
                        .or(() -> deaths.stream()
                                .filter(d -> d.cause() == Cause.KILLED && is(d.by(), fish) && !d.on().isBefore(since))
                                .findFirst()
                                .map(d -> say.text("page.prediction.itKilledAnotherOn", d.on())));
            case JUMPING ->
                died(fish, Cause.JUMPED, null, since)
                        .or(() -> sign(fish, EventType.JUMPED, say.text("page.prediction.itWasSeenToJumpOn"), since));
            case EATEN -> died(fish, Cause.EATEN, null, since);
            case REEF_LIFE ->
                deaths.stream()
                        .filter(d -> d.kind() != null
                                && !d.on().isBefore(since)
                                && d.cause() == Cause.EATEN
                                && is(d.by(), fish))
                        .findFirst()
                        .map(d -> say.text("page.prediction.wereLostToItOn", say.of(d.kind()), d.on()));
            case FEEDING ->
                died(fish, Cause.STARVED, null, since)
                        .or(() -> sign(fish, EventType.THIN, say.text("page.prediction.itWasThinOn"), since));
            case ILLNESS ->
                died(fish, Cause.DISEASE, null, since)
                        .or(() -> sign(fish, EventType.SPOTS, say.text("page.prediction.itHadSpotsOn"), since));
            case WATER -> died(fish, Cause.WATER, null, since);
        };
    }

    /** The two of them. */
    Optional<String> fought(long one, long other, LocalDate since) {
        return fights.stream()
                .filter(f -> (is(f.fish(), one) && is(f.other(), other) || is(f.fish(), other) && is(f.other(), one))
                        && !f.on().isBefore(since))
                .findFirst()
                .map(f -> f.hurt()
                        ? say.text("page.prediction.actsOnAndHurtAfterIt", f.acts(), f.on())
                        : say.text("page.prediction.actsOn", f.acts(), f.on()))
                .or(() -> died(other, Cause.KILLED, one, since))
                .or(() -> died(one, Cause.KILLED, other, since));
    }

    private Optional<String> died(long fish, Cause cause, Long by, LocalDate since) {
        return deaths.stream()
                .filter(d -> is(d.fish(), fish)
                        && d.cause() == cause
                        && !d.on().isBefore(since)
                        && (by == null || d.by() != null && whole(d.by()) == by))
                .findFirst()
                .map(d -> say.text("page.prediction.lostOn", d.on(), say.of(cause), say.of(d.sure())));
    }

    private Optional<String> sign(long fish, EventType sign, String says, LocalDate since) {
        return signs.stream()
                .filter(n -> is(n.fish(), fish) && n.doing() == sign && !n.on().isBefore(since))
                .findFirst()
                .map(n -> says + say.date(n.on()));
    }
}
