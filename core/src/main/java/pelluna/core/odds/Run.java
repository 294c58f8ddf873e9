package pelluna.core.odds;

import java.util.Arrays;
import java.util.List;
import pelluna.core.plan.Party;

/** One run of two years: each fish a fish of its own, each process by its own class. */
final class Run {
    /** Contests are looked at anew so often, and when somebody comes or is lost, days. */
    private static final int WEEK = 7;
    /** Keys of chance beside those of fish and of {@link Draw}. */
    private static final int BREAKDOWN = -1;

    private static final int STANDS = -2;
    private static final int ACTS = -3;
    private static final int OUTBREAK = -4;

    private final Cast cast;
    private final Fish[] fish;
    private final boolean tells;
    private final Chance[] lucks;
    private final Now now;
    private final Played played;
    private final Pressure pressure;
    private final Wounds wounds;
    private final Illness illness;
    private final Swallowing swallowing;
    private final Cramped cramped;
    private final Hazard[][] hazards;
    private final double[][] stood;
    private final double[][] stands;
    private final int[] doomed;
    private final Fate[] doom;
    private final int[] immuneUntil;
    private final List<Integer> breakdowns;
    private final int[] breaksOut;

    /**
     * @param tempers by {@link Tempers}
     * @param luck    of this run
     * @param tells   whether it keeps what happens, to be told
     */
    Run(Cast cast, Rates rates, Tempers tempers, Chance luck, boolean tells) {
        this.cast = cast;
        this.tells = tells;
        this.fish = cast.fish().toArray(Fish[]::new);
        int n = fish.length;
        this.now = new Now(n, cast.parties().size());
        this.played = Played.begun(n);
        this.lucks = new Chance[n];
        Arrays.setAll(lucks, i -> luck.in(fish[i].key()));
        this.wounds = new Wounds(rates);
        this.illness = new Illness(rates);
        this.swallowing = new Swallowing(cast, rates);
        this.cramped = new Cramped(cast, rates, lucks);
        this.pressure = new Pressure(cast, rates, tempers, lucks);
        this.breakdowns = new Breakdowns(rates).days(luck.in(BREAKDOWN));
        List<Hazard> all = List.of(
                wounds,
                new Jumping(cast, rates),
                swallowing,
                new Hunger(cast, rates),
                new Poisoning(cast, rates),
                cramped);
        List<Doom> dooms = List.of(new Travel(rates), new Fasting(cast, rates), new Ageing(rates));
        this.hazards = new Hazard[n][];
        this.stood = new double[n][];
        this.stands = new double[n][];
        this.doomed = new int[n];
        this.doom = new Fate[n];
        this.immuneUntil = new int[n];
        this.breaksOut = new int[n];
        for (int i = 0; i < n; i++) {
            Fish f = fish[i];
            Chance of = lucks[i];
            hazards[i] = all.stream().filter(h -> h.concerns(f)).toArray(Hazard[]::new);
            stood[i] = new double[hazards[i].length];
            stands[i] = new double[hazards[i].length];
            for (int h = 0; h < hazards[i].length; h++) {
                stands[i][h] = of.in(STANDS).stands(hazards[i][h].fate().ordinal());
            }
            doomed[i] = Doom.NEVER;
            for (Doom d : dooms) {
                int day = d.day(f, of);
                if (day < doomed[i]) {
                    doomed[i] = day;
                    doom[i] = d.fate();
                }
            }
            boolean first = i == 0 || fish[i - 1].party() != f.party();
            breaksOut[i] =
                    first ? cast.school(f).map(s -> illness.breaksOut(f, s, of)).orElse(Doom.NEVER) : Doom.NEVER;
        }
    }

    Played play() {
        Chance[] acts = new Chance[lucks.length];
        Arrays.setAll(acts, i -> lucks[i].in(ACTS));
        boolean changed = true;
        for (int day = 0; day < Cast.DAYS; day++) {
            changed |= cast.changes(day);
            if (tells && cast.changes(day)) {
                tellWhoMoves(day);
            }
            if (changed || day % WEEK == 0) {
                now.count(cast, day);
                pressure.reckon(day, now);
                changed = false;
            }
            changed |= outbreaks(day);
            changed |= breaks(day);
            for (int i = 0; i < lucks.length; i++) {
                if (!now.lost[i]) {
                    changed |= live(i, day, acts[i]);
                }
            }
        }
        return played;
    }

    /** One day of one fish; whether it is lost on it. */
    private boolean live(int i, int day, Chance acts) {
        Fish f = fish[i];
        if (day >= doomed[i] && day < f.until()) {
            return lose(i, Math.max(0, day), doom[i], -1);
        }
        if (!f.there(day)) {
            return false;
        }
        double harm = pressure.harm(i);
        if (harm > 0 || now.wounds[i] > 0) {
            now.wounds[i] = wounds.healed(now.wounds[i]) + wounds.more(harm, acts, day);
            if (now.wounds[i] >= Wounds.BADLY && played.hurtOn()[i] == Doom.NEVER) {
                played.hurtOn()[i] = day;
                tell(day, hurt(f, pressure.mostly(f.party())));
            }
        }
        if (day == cramped.from(i)) {
            played.crampedOn()[i] = day;
            tell(day, new Happening.Outgrows(f.of()));
        }
        for (int h = 0; h < hazards[i].length; h++) {
            stood[i][h] += hazards[i][h].on(day, i, now);
            if (stood[i][h] > stands[i][h]) {
                Fate fate = hazards[i][h].fate();
                return lose(
                        i,
                        day,
                        fate,
                        fate == Fate.EATEN
                                ? swallowing.by(day, i, now)
                                : fate == Fate.KILLED ? pressure.mostly(f.party()) : -1);
            }
        }
        return false;
    }

    private boolean outbreaks(int day) {
        for (int b = 0; b < breaksOut.length; b++) {
            if (breaksOut[b] == day && !now.lost[b] && fish[b].there(day)) {
                tell(day, new Happening.IllnessBreaksOut(fish[b].of()));
                for (int i = 0; i < lucks.length; i++) {
                    if (!now.lost[i] && fish[i].there(day) && day >= immuneUntil[i]) {
                        Chance of = lucks[i].in(OUTBREAK).in(fish[b].key());
                        int after = illness.dies(fish[i], lucks[b], of);
                        immuneUntil[i] = day + Illness.IMMUNE;
                        if (after != Doom.NEVER && day + after < doomed[i]) {
                            doomed[i] = day + after;
                            doom[i] = Fate.DISEASE;
                        }
                    }
                }
            }
        }
        return false;
    }

    private boolean breaks(int day) {
        boolean lost = false;
        for (int nth = 0; nth < breakdowns.size(); nth++) {
            if (breakdowns.get(nth) == day) {
                tell(day, new Happening.Breakdown());
                for (int i = 0; i < lucks.length; i++) {
                    if (!now.lost[i] && fish[i].there(day) && Breakdowns.takes(lucks[i].in(BREAKDOWN), nth)) {
                        lost |= lose(i, day, Fate.EQUIPMENT, -1);
                    }
                }
            }
        }
        return lost;
    }

    private boolean lose(int i, int day, Fate fate, int by) {
        now.lost[i] = true;
        played.lostOn()[i] = day;
        played.fates()[i] = fate;
        played.by()[i] = by;
        tell(day, lost(fish[i], day, fate, by));
        return true;
    }

    private Happening.What hurt(Fish f, int by) {
        boolean many = f.of().count() > 1;
        return by == Played.NOBODY
                ? new Happening.BadlyHurt(f.of(), many)
                : new Happening.BadlyHurtBy(f.of(), many, cast.parties().get(by).party());
    }

    private Happening.What lost(Fish f, int day, Fate fate, int by) {
        boolean many = f.of().count() > 1;
        return by == Played.NOBODY
                ? new Happening.Lost(f.of(), many, fate, day < f.from())
                : new Happening.LostTo(
                        f.of(), many, fate, cast.parties().get(by).party());
    }

    private void tellWhoMoves(int day) {
        for (int p = 0; p < cast.parties().size(); p++) {
            int in = 0;
            int out = 0;
            for (int i = 0; i < lucks.length; i++) {
                Fish f = fish[i];
                if (f.party() == p && !now.lost[i]) {
                    in += !f.resident() && f.from() == day ? 1 : 0;
                    out += f.until() == day ? 1 : 0;
                }
            }
            Party of = cast.parties().get(p).party();
            if (in > 0) {
                tell(day, new Happening.GoesIn(of, in));
            }
            if (out > 0) {
                tell(day, new Happening.Leaves(of, out));
            }
        }
    }

    private void tell(int day, Happening.What what) {
        if (tells) {
            played.told().add(new Happening(cast.date(day), what));
        }
    }
}
