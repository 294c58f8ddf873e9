package pelluna.core.odds;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** One run of two years: each fish a fish of its own, each process by its own class. */
final class Run {
    /** Contests are looked at anew so often, and when somebody comes or is lost, days. */
    private static final int WEEK = 7;
    /** Keys of chance beside those of fish and of {@link Draw}. */
    private static final int BREAKDOWN = -1;

    private static final int ACTS = -3;

    private final Cast cast;
    private final Fish[] fish;
    private final Chance[] lucks;
    private final Chance[] acts;
    private final Now now;
    private final Played played;
    private final Teller teller;
    private final Pressure pressure;
    private final Wounds wounds;
    private final Swallowing swallowing;
    private final Cramped cramped;
    private final Stakes stakes;
    private final Dooms dooms;
    private final Outbreaks outbreaks;
    private final List<Integer> breakdowns;

    /**
     * @param luck  of this run
     * @param tells whether it keeps what happens, to be told
     */
    Run(Cast cast, Rates rates, Tempers tempers, Chance luck, boolean tells) {
        this.cast = cast;
        this.fish = cast.fish().toArray(Fish[]::new);
        this.now = new Now(fish.length, cast.parties().size());
        this.played = Played.begun(fish.length);
        this.teller = new Teller(cast, tells ? played.told() : null);
        this.lucks = new Chance[fish.length];
        Arrays.setAll(lucks, i -> luck.in(fish[i].key()));
        this.acts = new Chance[fish.length];
        Arrays.setAll(acts, i -> lucks[i].in(ACTS));
        this.wounds = new Wounds(rates);
        this.swallowing = new Swallowing(cast, rates);
        this.cramped = new Cramped(cast, rates, lucks);
        this.pressure = new Pressure(cast, rates, tempers, lucks);
        this.breakdowns = new Breakdowns(rates).days(luck.in(BREAKDOWN));
        this.outbreaks = new Outbreaks(cast, fish, lucks, new Illness(rates));
        this.stakes = new Stakes(
                fish,
                lucks,
                List.of(
                        wounds,
                        new Jumping(cast, rates),
                        swallowing,
                        new Hunger(cast, rates),
                        new Poisoning(cast, rates),
                        cramped));
        this.dooms = new Dooms(fish, lucks, List.of(new Travel(rates), new Fasting(cast, rates), new Ageing(rates)));
    }

    Played play() {
        boolean changed = true;
        for (int day = 0; day < Cast.DAYS; day++) {
            if (cast.changes(day)) {
                changed = true;
                teller.moves(day, fish, now);
            }
            if (changed || day % WEEK == 0) {
                now.count(cast, day);
                pressure.reckon(day, now);
            }
            outbreaks(day);
            changed = breakdown(day);
            for (int i = 0; i < fish.length; i++) {
                if (!now.lost[i]) {
                    changed |= live(i, day);
                }
            }
        }
        return played;
    }

    /** One day of one fish; whether it is lost on it. */
    private boolean live(int i, int day) {
        Fish f = fish[i];
        if (dooms.due(i, day) && day < f.until()) {
            return lose(i, day, dooms.fate(i), Played.NOBODY);
        }
        if (!f.there(day)) {
            return false;
        }
        fight(i, day);
        if (day == cramped.from(i)) {
            played.crampedOn()[i] = day;
            teller.say(day, new Happening.Outgrows(f.of()));
        }
        Optional<Hazard> struck = stakes.struck(i, day, now);
        return struck.isPresent() && lose(i, day, struck.get().fate(), by(struck.get(), i, day));
    }

    private void fight(int i, int day) {
        double harm = pressure.harm(i);
        if (harm > 0 || now.wounds[i] > 0) {
            now.wounds[i] = wounds.healed(now.wounds[i]) + wounds.more(harm, acts[i], day);
            if (now.wounds[i] >= Wounds.BADLY && played.hurtOn()[i] == Doom.NEVER) {
                played.hurtOn()[i] = day;
                teller.hurt(fish[i], day, pressure.mostly(fish[i].party()));
            }
        }
    }

    /** The party behind it, where another fish is. */
    private int by(Hazard hazard, int i, int day) {
        return hazard == swallowing
                ? swallowing.by(day, i, now)
                : hazard == wounds ? pressure.mostly(fish[i].party()) : Played.NOBODY;
    }

    private void outbreaks(int day) {
        for (int i = 0; i < fish.length; i++) {
            if (outbreaks.by(i, day, now)) {
                teller.say(day, new Happening.IllnessBreaksOut(fish[i].of()));
                outbreaks.meet(i, day, now, dooms);
            }
        }
    }

    /** Whether somebody is lost by one. */
    private boolean breakdown(int day) {
        int nth = breakdowns.indexOf(day);
        if (nth < 0) {
            return false;
        }
        teller.say(day, new Happening.Breakdown());
        boolean lost = false;
        for (int i = 0; i < fish.length; i++) {
            if (!now.lost[i] && fish[i].there(day) && Breakdowns.takes(lucks[i].in(BREAKDOWN), nth)) {
                lost = lose(i, day, Fate.EQUIPMENT, Played.NOBODY);
            }
        }
        return lost;
    }

    private boolean lose(int i, int day, Fate fate, int by) {
        now.lost[i] = true;
        played.lostOn()[i] = day;
        played.fates()[i] = fate;
        played.by()[i] = by;
        teller.lost(fish[i], day, fate, by);
        return true;
    }
}
