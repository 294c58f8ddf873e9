package pelluna.app.reefscape;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.planning.PlanChange;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Tank;

/** What a hand does to the reef: a piece taken and moved by so many cm, held within the glass. */
final class Moves {
    private static final double LEAST_ROCK = 5;
    private static final double LEAST_RUN = 10;

    private Moves() {}

    /** A tank after a move, and what was done. */
    record Moved(Scape scape, double runCm, PlanChange what) {}

    /**
     * @param kind rock, point, foot, hide, run or runend
     * @param i    its number from 0; for a point 'rock.point'
     * @param dx   to the right, cm
     * @param dy   upwards, cm
     */
    static Moved move(Tank tank, String kind, String i, double dx, double dy) {
        Scape s = tank.scape();
        double length = tank.lengthCm();
        double height = tank.frontHeightCm();
        String[] at = i.split("\\.", -1);
        int n = index(
                at[0],
                switch (kind) {
                    case "hide" -> s.hides().size();
                    case "run", "runend" -> 1;
                    default -> s.rocks().size();
                });
        return switch (kind) {
            case "rock" -> {
                Rock rock = s.rocks().get(n);
                yield new Moved(
                        s.moved(n, within(rock.leftCm() + dx, 0, length - rock.widthCm())),
                        tank.runCm(),
                        new PlanChange.RockMoved());
            }
            case "foot" -> {
                Rock rock = s.rocks().get(n);
                yield new Moved(
                        s.with(n, rock.wide(within(rock.widthCm() + dx, LEAST_ROCK, length - rock.leftCm()))),
                        tank.runCm(),
                        dx < 0 ? new PlanChange.RockNarrower() : new PlanChange.RockWider());
            }
            case "point" -> {
                Rock rock = s.rocks().get(n);
                int point = index(at.length > 1 ? at[1] : "", rock.heightsCm().size());
                yield new Moved(
                        s.with(
                                n,
                                rock.with(
                                        point,
                                        within(rock.heightsCm().get(point) + dy, 0, height - tank.sandDepthCm()))),
                        tank.runCm(),
                        new PlanChange.RockShaped());
            }
            case "hide" -> {
                Hide hide = s.hides().get(n);
                List<Hide> all = new ArrayList<>(s.hides());
                all.set(n, new Hide(within(hide.xCm() + dx, 0, length), within(hide.heightCm() + dy, 0, height)));
                yield new Moved(new Scape(s.rocks(), all, s.run()), tank.runCm(), new PlanChange.HideMoved());
            }
            case "run" ->
                new Moved(
                        new Scape(
                                s.rocks(),
                                s.hides(),
                                new Run(
                                        within(s.run().fromCm() + dx, 0, Math.max(0, length - tank.runCm())),
                                        within(s.run().heightCm() + dy, 0, height))),
                        tank.runCm(),
                        new PlanChange.RunMoved());
            case "runend" ->
                new Moved(
                        s,
                        within(
                                Math.min(tank.runCm(), length) + dx,
                                LEAST_RUN,
                                Math.max(LEAST_RUN, length - s.run().fromCm())),
                        dx < 0 ? new PlanChange.RunShorter() : new PlanChange.RunLonger());
            default -> throw new NoSuchTankException();
        };
    }

    /** One more heap, where there is most room between those there are. */
    static Scape plusRock(Tank tank) {
        Scape s = tank.scape();
        double width = tank.lengthCm() * 0.2;
        double best = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k <= 20; k++) {
            double left = (tank.lengthCm() - width) * k / 20;
            double free = s.rocks().stream()
                    .mapToDouble(r -> Math.max(r.leftCm() - left - width, left - r.rightCm()))
                    .min()
                    .orElse(Math.min(left, tank.lengthCm() - width - left));
            if (free > most) {
                most = free;
                best = left;
            }
        }
        double high = (tank.frontHeightCm() - tank.sandDepthCm()) * 0.35;
        List<Rock> rocks = new ArrayList<>(s.rocks());
        rocks.add(new Rock(best, width, List.of(high * 0.6, high, high * 0.6)));
        return new Scape(rocks, s.hides(), s.run());
    }

    /** Without a piece; only heaps and hides can be taken out. */
    static Scape without(Scape s, String kind, int i) {
        List<Rock> rocks = new ArrayList<>(s.rocks());
        List<Hide> hides = new ArrayList<>(s.hides());
        List<?> list = switch (kind) {
            case "rock" -> rocks;
            case "hide" -> hides;
            default -> throw new NoSuchTankException();
        };
        list.remove(index(Integer.toString(i), list.size()));
        return new Scape(rocks, hides, s.run());
    }

    private static int index(String text, int size) {
        try {
            int i = Integer.parseInt(text);
            if (i >= 0 && i < size) {
                return i;
            }
        } catch (NumberFormatException e) {
            throw new NoSuchTankException();
        }
        throw new NoSuchTankException();
    }

    private static double within(double value, double least, double most) {
        return Double.isFinite(value) ? Math.max(least, Math.min(Math.max(least, most), value)) : least;
    }
}
