package pelluna.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import pelluna.core.plan.Party;
import pelluna.core.sieve.TurningRoom;
import pelluna.core.tank.QuotedSize;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Tension;
import pelluna.core.units.Length;
import pelluna.core.units.Step;
import pelluna.core.units.Volume;

/**
 * What changes between the plan's start and the day when all are grown: arrivals, fish that outgrow the tank, colours,
 * pairs
 * that come to a harder step, and who can be eaten from when. What a young fish needs is taken as its adult need in
 * proportion to its length (Pelluna's judgement).
 */
public final class Changes {
    /** Days on which tension is looked at, closer together in the beginning. */
    private static final int LOOKS = 36;

    private final Outlook outlook;
    private final List<Change> found = new ArrayList<>();

    private Changes(Outlook outlook) {
        this.outlook = outlook;
    }

    /** In the order of their dates. */
    public static List<Change> of(Outlook outlook) {
        Changes changes = new Changes(outlook);
        outlook.everybody().forEach(changes::ofOne);
        changes.pressing();
        changes.eating();
        if (!outlook.everybody().isEmpty()) {
            changes.found.add(
                    new Change(outlook.fullyGrown(), Change.Kind.GROWN, List.of(), Step.CALM, new Event.AllGrown()));
        }
        return changes.found.stream()
                .sorted(Comparator.comparing(Change::on).thenComparing(Change::kind))
                .toList();
    }

    private void ofOne(Presence p) {
        Party party = p.party();
        if (p.planned()) {
            found.add(new Change(
                    p.from(),
                    Change.Kind.ARRIVES,
                    List.of(party.id()),
                    Step.CALM,
                    new Event.Arrives(party, party.count())));
        }
        party.hand()
                .leaves()
                .ifPresent(l -> found.add(new Change(
                        l.on(),
                        Change.Kind.LEAVES,
                        List.of(party.id()),
                        Step.CALM,
                        new Event.Leaves(party, party.count(), l.why()))));
        Tank tank = outlook.plan().tank();
        double run = party.species().room().runCm().at(outlook.plan().stance());
        outgrown(
                p,
                tank.runCm() / run,
                Change.Kind.LONGER_RUN,
                new Event.NeedsLongerRun(party.species(), new Length(tank.runCm())));
        double litres =
                party.species().litresFor(party.count()).at(outlook.plan().stance());
        outgrown(
                p,
                QuotedSize.share(tank.glassLitres(), litres),
                Change.Kind.MORE_WATER,
                new Event.NeedsLargerTank(party.species(), new Volume(tank.glassLitres())));
        outgrown(
                p,
                tank.runCm() / TurningRoom.bodyLengths(party.species()) / party.adultCm(),
                Change.Kind.TURNING_ROOM,
                new Event.TooShortToTurn(party.species(), TurningRoom.bodyLengths(party.species())));
        party.species()
                .appearance()
                .young()
                .filter(y -> y.untilCm() < party.adultCm())
                .ifPresent(y -> when(p, y.untilCm())
                        .ifPresent(on -> found.add(new Change(
                                on,
                                Change.Kind.COLOURS,
                                List.of(party.id()),
                                Step.CALM,
                                new Event.AdultColours(party.species())))));
    }

    /**
     * @param share of what it needs when grown that the tank has; below 1 it outgrows the tank at that share of its
     * length
     */
    private void outgrown(Presence p, double share, Change.Kind kind, Event event) {
        if (share < 1) {
            when(p, share * p.party().species().size().usualCm())
                    .or(() -> p.party().lengthOn(p.from())
                                    >= share * p.party().species().size().usualCm()
                            ? Optional.of(p.from())
                            : Optional.empty())
                    .ifPresent(on ->
                            found.add(new Change(on, kind, List.of(p.party().id()), Step.CHOP, event)));
        }
    }

    /** The day, after its arrival, on which it reaches a length; empty if it never does or has it already. */
    private Optional<LocalDate> when(Presence p, double cm) {
        OptionalDouble days = p.party().growth().daysUntil(p.party().lengthCm(), cm);
        if (days.isEmpty() || days.getAsDouble() == 0) {
            return Optional.empty();
        }
        LocalDate on = p.party().from().plusDays((long) Math.ceil(days.getAsDouble()));
        return p.until().map(u -> !on.isBefore(u)).orElse(false)
                        || on.isAfter(outlook.fullyGrown().plusYears(1))
                ? Optional.empty()
                : Optional.of(on);
    }

    /** From Chop on, and only the first time that a pair comes to the step. */
    private void pressing() {
        LocalDate start = outlook.plan().startOn();
        long days = ChronoUnit.DAYS.between(start, outlook.fullyGrown());
        Map<String, Step> hardest = new HashMap<>();
        for (int look = 0; look <= LOOKS; look++) {
            LocalDate day = start.plusDays(Math.round(days * Math.pow((double) look / LOOKS, 2)));
            for (Press press : outlook.presses(day)) {
                if (press.index() < Tension.CHOP_FROM) {
                    break;
                }
                String pair = press.aggressor().party().id() + ">"
                        + press.target().party().id();
                if (!hardest.containsKey(pair) || press.step().compareTo(hardest.get(pair)) > 0) {
                    LocalDate later =
                            press.target().from().isAfter(press.aggressor().from())
                                    ? press.target().from()
                                    : press.aggressor().from();
                    LocalDate on = outlook.press(press.aggressor(), press.target(), later)
                                    .step()
                                    .atLeast(press.step())
                            ? later
                            : day;
                    found.add(new Change(
                            on,
                            Change.Kind.PRESSES,
                            List.of(
                                    press.aggressor().party().id(),
                                    press.target().party().id()),
                            press.step(),
                            new Event.ComesToPress(
                                    press.aggressor().party().species(),
                                    press.target().party().species(),
                                    press.step())));
                    hardest.put(pair, press.step());
                }
            }
        }
    }

    private void eating() {
        outlook.eaten()
                .forEach(e -> e.prey()
                        .ifPresent(prey -> found.add(new Change(
                                e.from(),
                                Change.Kind.EATS,
                                List.of(e.eater().id(), prey.id()),
                                Step.SURGE,
                                new Event.CanSwallow(e.eater().species(), prey.species())))));
    }
}
