package pelluna.core.grounds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;

/**
 * Where everybody of a company is drawn: holders on their ground, the others spread over what is left of their zones.
 */
public final class Homes {
    private static final int ACROSS = 8;
    private static final double[] LEVELS = {0.58, 0.7, 0.82, 0.92};

    private final Map<String, Home> homes = new HashMap<>();

    /** A place in cm from the left glass and above the floor. */
    public record Home(double xCm, double yCm) {}

    private Homes(Tank tank, Collection<Party> company, Grounds grounds) {
        List<Spot> free = new ArrayList<>();
        Spots.withoutHides(tank).stream()
                .filter(s -> !s.zones().contains(Zone.OPEN_WATER))
                .forEach(free::add);
        tank.scape().hides().stream().limit(Grounds.MOST_HIDES).forEach(h -> free.add(Spots.of(h, tank)));
        double above = tank.frontHeightCm() - tank.sandDepthCm();
        for (double level : LEVELS) {
            for (int i = 0; i < ACROSS; i++) {
                free.add(new Spot(
                        tank.lengthCm() * (i + 0.5) / ACROSS,
                        tank.sandDepthCm() + above * level,
                        EnumSet.of(Zone.OPEN_WATER),
                        false));
            }
        }
        List<Spot> taken = new ArrayList<>();
        List<Party> others = new ArrayList<>();
        company.stream()
                .sorted(Comparator.comparing((Party p) -> p.species().scientificName())
                        .thenComparing(Party.AS_PUT_IN))
                .forEach(p -> grounds.of(p, p.adultCm())
                        .ifPresentOrElse(
                                g -> {
                                    homes.put(p.id(), new Home(g.xCm(), g.yCm()));
                                    taken.add(new Spot(g.xCm(), g.yCm(), EnumSet.noneOf(Zone.class), false));
                                    free.removeIf(s -> Math.hypot(s.xCm() - g.xCm(), s.yCm() - g.yCm()) < 1);
                                },
                                () -> others.add(p)));
        int[] nowhere = new int[others.size()];
        Arrays.fill(nowhere, -1);
        int[] at = new Arrangement(others, free, tank.lengthCm(), above, taken).settle(free.size(), nowhere);
        for (int i = 0; i < at.length; i++) {
            Party p = others.get(i);
            homes.put(
                    p.id(),
                    at[i] >= 0
                            ? new Home(free.get(at[i]).xCm(), free.get(at[i]).yCm())
                            : new Home(
                                    tank.lengthCm() * ((i * 0.382 + 0.3) % 1),
                                    tank.sandDepthCm() + above * (0.5 + (i * 0.618) % 0.45)));
        }
    }

    public static Homes of(Tank tank, Collection<Party> company, Grounds grounds) {
        return new Homes(tank, company, grounds);
    }

    /** @throws java.util.NoSuchElementException if it is not of the company */
    public Home of(Party p) {
        Home home = homes.get(p.id());
        if (home == null) {
            throw new java.util.NoSuchElementException(p.id());
        }
        return home;
    }
}
